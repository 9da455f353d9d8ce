<?php

declare(strict_types=1);

namespace App\Problems;

use App\Formats\FieldError;

/**
 * A refusal, with what was wrong and what to do; ProblemRenderer turns it into HTTP.
 */
final class Problem extends \RuntimeException
{
    /** @param  list<FieldError>  $faults */
    public function __construct(
        public readonly ProblemCode $problem,
        string $detail,
        public readonly array $faults = [],
        public readonly ?int $retryAfterS = null,
    ) {
        parent::__construct($detail);
    }

    /** One value is wrong. */
    public static function invalid(string $pointer, string $detail): self
    {
        return new self(ProblemCode::Invalid, $detail, [FieldError::at($pointer, $detail)]);
    }
}
