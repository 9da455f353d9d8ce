<?php

declare(strict_types=1);

namespace SteadyRung\Call;

use SteadyRung\Setup\Warning;
use SteadyRung\Setup\WarningCode;

/**
 * Otherwise: the same set-up, with what is missing.
 */
final readonly class Stay implements Rule
{
    public function judge(Situation $situation): Call
    {
        $latest = $situation->latest();

        return new Call(
            Verdict::Stay,
            'otherwise',
            $situation->rung(),
            [
                $latest === null ? 'No session on this set-up yet.' : sprintf('Last session on this set-up: %s clean.', $latest->counts()),
                ...LargeStep::words($situation),
            ],
            $situation->capacity === null || count($situation->sessions) < $situation->standard->sessions ? Confidence::Slight : Confidence::Fair,
            $situation->capacity === null ? null : $situation->chanceOfFloor($situation->rung()),
            $this->missing($situation),
            $situation->steps->between,
            LargeStep::mixedSet($situation),
        );
    }

    /** @return non-empty-list<string> */
    private function missing(Situation $situation): array
    {
        return array_merge($this->missingSessions($situation), $this->missingChance($situation)) ?: ['Nothing: look again after the next session.'];
    }

    /** @return list<string> */
    private function missingSessions(Situation $situation): array
    {
        $standard = $situation->standard;
        $left = $standard->sessions - $situation->sessionsMet();
        $gate = sprintf('%d × %d clean', $standard->sets, $standard->gateReps);

        return match (true) {
            $left <= 0 => [],
            $left === 1 => ["One more session at $gate."],
            default => ["$left sessions running at $gate."],
        };
    }

    /** @return list<string> */
    private function missingChance(Situation $situation): array
    {
        $up = $situation->steps->between[0] ?? $situation->steps->up;
        if ($up === null) {
            return ['No set-up with less help in this kit: top of the ladder.'];
        }
        if ($situation->capacity === null) {
            return ['A baseline: log clean reps with a band.'];
        }
        $chance = $situation->chanceOfFloor($up);
        if ($chance >= $situation->standard->chance) {
            return [];
        }

        return [sprintf(
            'Chance of %d clean on %s is %.0f %%; %.0f %% is asked.%s',
            $situation->standard->floorReps, $up->name, 100 * $chance, 100 * $situation->standard->chance,
            $this->whatToMeasure($up->load->warnings),
        )];
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
