<?php

declare(strict_types=1);

namespace App\Context\Gym;

use Illuminate\Database\ConnectionInterface;

/**
 * Reads that go on for long and still see the gym as it was when they began.
 */
final readonly class OneMoment
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    /**
     * @param  iterable<string>  $lines  read while they are asked for
     * @return \Generator<string>
     */
    public function of(iterable $lines): \Generator
    {
        $this->db->beginTransaction();
        if ($this->db->transactionLevel() === 1) {
            $this->db->statement('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ, READ ONLY');
        }
        try {
            yield from $lines;
        } finally {
            $this->db->rollBack();
        }
    }
}
