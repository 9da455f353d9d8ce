<?php

declare(strict_types=1);

namespace App\Http\Requests\Setups;

use App\Formats\CommandLine\LadderQuestion;
use App\Formats\Json\Read;
use App\Formats\JsonObject;
use Illuminate\Http\Request;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\OutOfRange;

/**
 * Which ladder is asked for.
 */
final readonly class LadderInput
{
    private function __construct(public Lane $lane, public ?float $goal_share, public ?int $most_rungs, public bool $advice)
    {
    }

    public static function read(Request $request): self
    {
        $json = JsonObject::ofQuery(
            $request->query->all(),
            'goal_share',
            'most_rungs',
        )->allowing('lane', 'goal_share', 'most_rungs', 'advice');
        $lane = LadderQuestion::lane($json);
        $most = $json->optionalInteger('most_rungs');
        $json->build(static fn () => OutOfRange::guard(['most_rungs' => [$most, LadderQuestion::MOST_RUNGS]]));

        return new self($lane, $json->has('goal_share') ? Read::share($json, 'goal_share') : null, $most, $json->has('advice'));
    }
}
