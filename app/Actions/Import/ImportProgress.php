<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Models\Import\Import;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\ConnectionResolverInterface;

/**
 * How many lines of a file were brought in so far, told beside the transaction that brings them, since nothing of that is seen before it ends.
 */
final readonly class ImportProgress
{
    public function __construct(private ConnectionResolverInterface $connections)
    {
    }

    public function reached(Import $import, int $lines): void
    {
        $this->beside()->table(Import::PROGRESS)->upsert(
            [['gym_id' => $import->gym_id, 'import_id' => $import->id, 'lines' => $lines]],
            ['gym_id', 'import_id'],
            ['lines'],
        );
    }

    public function over(Import $import): void
    {
        $this->beside()->table(Import::PROGRESS)->where('gym_id', $import->gym_id)->where('import_id', $import->id)->delete();
    }

    private function beside(): ConnectionInterface
    {
        return $this->connections->connection('beside');
    }
}
