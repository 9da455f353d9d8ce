<?php

declare(strict_types=1);

namespace App\Formats;

use OpenApi\Attributes as OA;
use SteadyRung\Ladder\Choice;
use SteadyRung\Setup\Attach;

/**
 * Which gear of the gym a set-up is made of, as JSON.
 */
#[OA\Schema(schema: 'Choice')]
final readonly class ChoiceJson
{
    /** @param  list<string>  $band_ids */
    public function __construct(
        #[OA\Property]
        public ChoiceKind $kind,
        #[OA\Property(format: 'uuid')]
        public ?string $bar_id,
        #[OA\Property]
        public ?Attach $attach,
        #[OA\Property(items: new OA\Items(type: 'string', format: 'uuid'), maxItems: 2)]
        public array $band_ids,
    ) {
    }

    public static function of(Choice $choice): self
    {
        return new self($choice->isStrict() ? ChoiceKind::Strict : ChoiceKind::Band, $choice->barId, $choice->attach, $choice->bandIds);
    }

    public static function read(JsonObject $json): Choice
    {
        $json->allowing('kind', 'bar_id', 'attach', 'band_ids');

        return match ($json->choice('kind', ChoiceKind::class)) {
            ChoiceKind::Strict => Choice::strict(),
            ChoiceKind::Band => $json->build(static fn (JsonObject $j): Choice => Choice::bands(
                $j->uuid('bar_id'),
                $j->choice('attach', Attach::class),
                $j->texts('band_ids', 2),
            )),
        };
    }
}
