<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\GearJson;
use App\Formats\JsonObject;
use App\Models\Gear;
use OpenApi\Attributes as OA;

/**
 * A piece of gear other than a band.
 */
#[OA\Schema]
final readonly class GearInput
{
    private function __construct(
        #[OA\Property(maxLength: 60)]
        public string $name,
        #[OA\Property(ref: GearJson::class)]
        public GearJson $figures,
    ) {
    }

    public static function read(JsonObject $json, string ...$besides): self
    {
        $json->allowing('name', 'figures', ...$besides);
        $name = $json->text('name', 60);

        return new self($name, GearJson::of(GearJson::read($json->object('figures'), '', $name)));
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return ['kind' => $this->figures->kind, 'name' => $this->name, 'figures' => $this->figures];
    }

    /**
     * A piece stays what it is: sets were done on it.
     *
     * @return array<string, mixed>
     */
    public function columnsFor(Gear $gear, JsonObject $json): array
    {
        return $gear->kind === $this->figures->kind
            ? $this->columns()
            : throw $json->object('figures')->fault('kind', 'A piece of gear stays what it is. Retire this one and add another.');
    }
}
