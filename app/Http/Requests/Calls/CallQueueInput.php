<?php

declare(strict_types=1);

namespace App\Http\Requests\Calls;

use App\Formats\JsonObject;
use App\Http\Requests\PageInput;
use App\Models\Floor\GymClass;
use Illuminate\Http\Request;
use SteadyRung\Call\Verdict;

/**
 * Which page of the waiting calls, and whether only those of one kind, or of some athletes.
 */
final readonly class CallQueueInput
{
    private const UUIDS = '/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}(,[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12})*$/i';

    private const LONGEST = 37 * 2 * GymClass::MOST_COMERS;

    /** @param  list<string>|null  $athletes  ids */
    private function __construct(public int $page, public ?Verdict $verdict, public ?array $athletes)
    {
    }

    public static function read(Request $request): self
    {
        $json = JsonObject::ofQuery($request->query->all(), 'page')->allowing('page', 'verdict', 'athletes');
        $athletes = $json->optionalText('athletes', self::LONGEST);
        if ($athletes !== null && preg_match(self::UUIDS, $athletes) !== 1) {
            throw $json->fault('athletes', 'Give ids of athletes, with commas between them.');
        }

        return new self(
            PageInput::number($json),
            $json->optionalChoice('verdict', Verdict::class),
            $athletes === null ? null : explode(',', $athletes),
        );
    }
}
