<?php

declare(strict_types=1);

namespace App\Actions\Import;

use Ramsey\Uuid\Uuid;

/**
 * What a line of a file becomes: a row to be stored, or why it is left out.
 */
final readonly class ImportRow
{
    /**
     * @param  array<string, mixed>  $columns
     * @param  list<string>  $bandIds
     */
    private function __construct(
        public int $line,
        public ?string $refused,
        public array $columns,
        public string $identity,
        public array $bandIds,
    ) {
    }

    public static function refused(int $line, string $why): self
    {
        return new self($line, $why, [], '', []);
    }

    /**
     * @param  array<string, mixed>  $columns  of the table, its id left out
     * @param  string  $identity  the same for the same thing, in whatever file it comes
     * @param  list<string>  $bandIds  that wear by it
     */
    public static function of(int $line, array $columns, string $identity, array $bandIds = []): self
    {
        return new self($line, null, $columns, $identity, $bandIds);
    }

    /** Its key: made of what it is (a UUID of version 8, RFC 9562), and of how often it was brought in and undone before. */
    public function id(string $gymId, int $undone): string
    {
        return Uuid::uuid8(substr(hash('sha256', "$gymId\n$this->identity\n$undone", true), 0, 16))->toString();
    }
}
