<?php

declare(strict_types=1);

namespace App\Http\Requests\Methods;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Safety\CapLimits;

/**
 * The caps as the gym wants them.
 */
#[OA\Schema]
final readonly class CapsInput
{
    private function __construct(
        #[OA\Property(minimum: CapLimits::RANGES['lowerings_a_session'][0], maximum: CapLimits::RANGES['lowerings_a_session'][1])]
        public int $lowerings_a_session,
        #[OA\Property(minimum: CapLimits::RANGES['lowerings_a_week'][0], maximum: CapLimits::RANGES['lowerings_a_week'][1])]
        public int $lowerings_a_week,
        #[OA\Property(minimum: CapLimits::RANGES['hard_sets_first_month'][0], maximum: CapLimits::RANGES['hard_sets_first_month'][1])]
        public int $hard_sets_first_month,
        #[OA\Property(minimum: CapLimits::RANGES['hard_sets_later'][0], maximum: CapLimits::RANGES['hard_sets_later'][1])]
        public int $hard_sets_later,
        #[OA\Property(description: 'That the coach answers for a figure above the usual.')]
        public ?bool $acknowledged,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        $json->allowing('acknowledged', ...array_keys(CapLimits::RANGES));

        return new self(
            ...array_map($json->integer(...), array_keys(CapLimits::RANGES)),
            ...['acknowledged' => $json->has('acknowledged') && $json->boolean('acknowledged')],
        );
    }

    public function limits(): CapLimits
    {
        return CapLimits::of(array_filter(get_object_vars($this), is_int(...)));
    }
}
