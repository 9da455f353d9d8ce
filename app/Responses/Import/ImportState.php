<?php

declare(strict_types=1);

namespace App\Responses\Import;

use App\Models\Import\Import;
use OpenApi\Attributes as OA;

#[OA\Schema(type: 'string')]
enum ImportState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Ended = 'ended';
    case Stopped = 'stopped';
    case Undone = 'undone';

    public static function of(Import $import): self
    {
        return match (true) {
            $import->undone_at !== null => self::Undone,
            $import->ended_at !== null => self::Ended,
            $import->failed_at !== null => self::Stopped,
            $import->ordered_at !== null => self::Running,
            default => self::Waiting,
        };
    }
}
