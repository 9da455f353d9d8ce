<?php

declare(strict_types=1);

namespace App\Http\Requests\Floor;

use App\Formats\JsonObject;
use App\Problems\Problem;
use Illuminate\Http\Request;
use SteadyRung\OutOfRange;
use SteadyRung\Plan\Workout\Task;
use SteadyRung\Plan\Workout\UnreadableTask;

/**
 * The class workout that was typed.
 */
final readonly class WorkoutInput
{
    public const LONGEST = 80;

    public const SET = [1.0, 30.0];

    private function __construct(public Task $task, public ?int $set)
    {
    }

    /** @throws Problem if it is no task of pulls */
    public static function read(Request $request): self
    {
        $query = JsonObject::ofQuery($request->query->all(), 'set')->allowing('task', 'set');
        $typed = $query->text('task', self::LONGEST);
        $set = $query->optionalInteger('set');
        $query->build(static fn () => OutOfRange::guard($set === null ? [] : ['set' => [$set, self::SET]]));
        try {
            return new self(Task::read($typed), $set);
        } catch (UnreadableTask $unreadable) {
            throw Problem::invalid('/task', $unreadable->getMessage());
        }
    }
}
