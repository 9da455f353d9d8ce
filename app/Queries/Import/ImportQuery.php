<?php

declare(strict_types=1);

namespace App\Queries\Import;

use App\Context\Readable;
use App\Formats\Json\Setups\ExerciseJson;
use App\Models\Athletes\Athlete;
use App\Models\Import\Import;
use App\Models\Import\ImportMatch;
use App\Models\Log\LoggedSet;
use App\Responses\Import\ImportListResponse;
use App\Responses\Import\ImportResponse;
use App\Responses\Import\MatchTargetResponse;

/**
 * What was brought in, and what names and exercises of a file can be in this gym.
 */
final readonly class ImportQuery
{
    private const MOST = 20;

    private const MOST_NAMES = 1000;

    private const MOST_SETUPS = 150;

    public function list(): ImportListResponse
    {
        $imports = Import::query()->whereNotNull('ordered_at')->orderByDesc('made_at')->orderByDesc('id')->limit(self::MOST)->get();

        return new ImportListResponse(array_values($imports->map(ImportResponse::of(...))->all()));
    }

    /** @return list<MatchTargetResponse> */
    public function athletes(): array
    {
        $people = Athlete::query()->whereNull('archived_at')->orderBy('name')->orderBy('id')->limit(self::MOST_NAMES)->get(['id', 'name']);

        return [
            ...array_values($people->map(static fn (Athlete $a): MatchTargetResponse => new MatchTargetResponse($a->id, $a->name))->all()),
            new MatchTargetResponse(ImportMatch::LEAVE, 'Nobody: leave these lines out'),
        ];
    }

    /** @return list<MatchTargetResponse> the set-ups in the log of this gym, the latest first, and what needs none */
    public function exercises(): array
    {
        $latest = LoggedSet::standingAnywhere()->whereNotNull('setup_key')->orderByDesc('trained_on')->limit(20 * self::MOST_SETUPS)
            ->get(['setup_key', 'setup_name', 'exercise', 'trained_on'])->unique('setup_key')->take(self::MOST_SETUPS);
        $setups = [];
        foreach ($latest as $set) {
            $exercise = Readable::orNull(static fn () => $set->exercise);
            if ($exercise !== null) {
                $setups[] = new MatchTargetResponse((string) json_encode(ExerciseJson::of($exercise)), (string) $set->setup_name);
            }
        }
        usort($setups, static fn (MatchTargetResponse $a, MatchTargetResponse $b): int => strcasecmp($a->name, $b->name));

        return [
            new MatchTargetResponse(ImportMatch::SHARE, 'Other gear, by its share'),
            new MatchTargetResponse(ImportMatch::PULL_UP, 'Strict pull-up'),
            new MatchTargetResponse(ImportMatch::CHIN_UP, 'Strict chin-up'),
            new MatchTargetResponse(ImportMatch::HANG, 'Dead hang'),
            ...$setups,
            new MatchTargetResponse(ImportMatch::LEAVE, 'Nothing: leave these lines out'),
        ];
    }
}
