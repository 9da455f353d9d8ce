<?php

declare(strict_types=1);

namespace App\Problems;

use App\Formats\FieldError;
use OpenApi\Attributes as OA;

/**
 * Problem Details, RFC 9457.
 */
#[OA\Schema]
final readonly class ProblemJson
{
    /** @param  list<FieldError>  $errors */
    public function __construct(
        #[OA\Property]
        public string $type,
        #[OA\Property]
        public ProblemCode $code,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $status,
        #[OA\Property]
        public string $detail,
        #[OA\Property(items: new OA\Items(ref: FieldError::class))]
        public array $errors,
    ) {
    }

    public static function of(Problem $problem): self
    {
        $code = $problem->problem;

        return new self('about:blank', $code, $code->title(), $code->status(), $problem->getMessage(), $problem->faults);
    }
}
