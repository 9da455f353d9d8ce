<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Formats\Inputs\Checked;
use App\Formats\Json\Safety\PainJson;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Safety\Adolescence;
use SteadyRung\Safety\Condition;
use SteadyRung\Safety\Limit;
use SteadyRung\Safety\Limits;
use SteadyRung\Safety\Overhead;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\Screening;

/**
 * What a competent person found and was told before anything was loaded.
 */
#[OA\Schema(schema: 'ScreeningInput')]
final readonly class ScreenTaken implements Checked
{
    /**
     * @param  list<Condition>  $conditions
     * @param  list<Limit>  $further
     */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'How far both arms come, ribs down, against the ears.')]
        public Overhead $overhead,
        #[OA\Property(ref: PainJson::class, nullable: true)]
        public ?Pain $pain = null,
        #[OA\Property]
        public bool $numb = false,
        #[OA\Property(description: 'A recent injury.')]
        public bool $injured = false,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Condition::class))]
        public array $conditions = [],
        #[OA\Property(description: 'Whether a clinician cleared those conditions.')]
        public bool $cleared = false,
        #[OA\Property]
        public Adolescence $under_18 = Adolescence::No,
        #[OA\Property(description: 'Uneasy at the bar.')]
        public bool $uneasy = false,
        #[OA\Property(
            description: 'Limits the coach or the clinician adds.',
            type: 'array',
            items: new OA\Items(type: 'string', enum: Limit::class),
        )]
        public array $further = [],
        #[OA\Property(minimum: Limits::SHARE[0], maximum: Limits::SHARE[1])]
        public ?float $most_share = null,
        #[OA\Property(maxLength: 500)]
        public ?string $note = null,
    ) {
    }

    public function check(JsonObject $json): void
    {
        $this->toCore();
    }

    public function toCore(): Screening
    {
        return Screening::of(
            overhead: $this->overhead,
            pain: $this->pain,
            isNumb: $this->numb,
            wasInjured: $this->injured,
            conditions: $this->conditions,
            isClearedByClinician: $this->cleared,
            under18: $this->under_18,
            isUneasy: $this->uneasy,
            further: $this->further,
            mostShare: $this->most_share,
        );
    }

    /** @return array<string, mixed> as they are kept */
    public function answers(): array
    {
        return [
            'id' => $this->id,
            'overhead' => $this->overhead->value,
            'pain' => $this->pain === null ? null : PainJson::of($this->pain),
            'numb' => $this->numb,
            'injured' => $this->injured,
            'conditions' => array_column($this->conditions, 'value'),
            'cleared' => $this->cleared,
            'under_18' => $this->under_18->value,
            'uneasy' => $this->uneasy,
            'further' => array_column($this->further, 'value'),
            'most_share' => $this->most_share,
            'note' => $this->note,
        ];
    }
}
