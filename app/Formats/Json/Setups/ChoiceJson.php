<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use App\Formats\JsonObject;
use App\Formats\Unreadable;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Choices\BandPulledDown;
use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Counterweighted;
use SteadyRung\Exercise\Choices\FootHelped;
use SteadyRung\Exercise\Choices\Footing;
use SteadyRung\Exercise\Choices\Hopped;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\OnLowBar;
use SteadyRung\Exercise\Choices\PulledDown;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Choices\Weighted;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\HelpGrade;
use SteadyRung\Setup\Row\Heels;
use SteadyRung\Setup\Row\Knees;
use SteadyRung\Setup\Stack\Stance;

/**
 * Which gear of the gym a set-up is made of, and how, as JSON: the kind, and the keys that belong to it.
 */
#[OA\Schema(schema: 'Choice')]
final readonly class ChoiceJson implements \JsonSerializable
{
    private const MOST_PIECES = 12;

    /**
     * @param  list<string>|null  $band_ids
     * @param  list<string>|null  $plate_ids
     * @param  list<string>|null  $weight_ids
     */
    private function __construct(
        #[OA\Property]
        public ChoiceKind $kind,
        #[OA\Property(description: 'band, foot, hop, low-bar, band-pulldown; row on a low bar.', format: 'uuid')]
        public ?string $bar_id = null,
        #[OA\Property(description: 'band.')]
        public ?Attach $attach = null,
        #[OA\Property(description: 'band, band-pulldown.', items: new OA\Items(type: 'string', format: 'uuid'), maxItems: 2)]
        public ?array $band_ids = null,
        #[OA\Property(description: 'row on rings.', format: 'uuid')]
        public ?string $ring_id = null,
        #[OA\Property(description: 'row on rings: anchor to ring.')]
        public ?float $strap_m = null,
        #[OA\Property(description: 'row: heels from the plumb line under the anchor, positive past it.')]
        public ?float $heel_mark_m = null,
        #[OA\Property(description: 'row, foot, hop: under the heels or the feet.', format: 'uuid')]
        public ?string $box_id = null,
        #[OA\Property(
            description: 'foot, hop: under the feet.',
            items: new OA\Items(type: 'string', format: 'uuid'),
            maxItems: self::MOST_PIECES,
        )]
        public ?array $plate_ids = null,
        #[OA\Property(description: 'foot, low-bar: mean over the way up of a scale under the feet.')]
        public ?float $scale_kg = null,
        #[OA\Property(description: 'foot.')]
        public ?HelpGrade $grade = null,
        #[OA\Property(description: 'hop.')]
        public ?float $hop_m = null,
        #[OA\Property(description: 'counterweight, pulldown.', format: 'uuid')]
        public ?string $machine_id = null,
        #[OA\Property(description: 'counterweight, pulldown.')]
        public ?float $stack_kg = null,
        #[OA\Property(description: 'band: the one of two bands that goes under the knee while the other is at the foot.', format: 'uuid')]
        public ?string $knee_band_id = null,
        #[OA\Property(description: 'row: against a wall, a plate or the lip of the box; free unless said.')]
        public ?Heels $heels = null,
        #[OA\Property(description: 'row: straight unless said.')]
        public ?Knees $knees = null,
        #[OA\Property(description: 'pulldown, band-pulldown.')]
        public ?Stance $stance = null,
        #[OA\Property(
            description: 'added; worn in a row; in the lap with foot help.',
            items: new OA\Items(type: 'string', format: 'uuid'),
            maxItems: self::MOST_PIECES,
        )]
        public ?array $weight_ids = null,
    ) {
    }

    public static function of(Choice $choice): self
    {
        $kind = $choice->kind();

        return match (true) {
            $choice instanceof OnBands => new self(
                $kind,
                bar_id: $choice->barId,
                attach: $choice->attach,
                band_ids: $choice->bandIds,
                knee_band_id: $choice->kneeBandId,
            ),
            $choice instanceof BandPulledDown => new self(
                $kind,
                bar_id: $choice->barId,
                band_ids: $choice->bandIds,
                stance: $choice->stance,
            ),
            $choice instanceof OnLowBar => new self($kind, bar_id: $choice->barId, scale_kg: $choice->scaleKg, grade: $choice->grade),
            $choice instanceof InRow => new self(
                $kind,
                bar_id: $choice->barId,
                ring_id: $choice->ringId,
                strap_m: $choice->ringId === null ? null : $choice->strapM,
                heel_mark_m: $choice->heelMarkM,
                box_id: $choice->boxId,
                heels: $choice->heels === Heels::Free ? null : $choice->heels,
                knees: $choice->knees === Knees::Straight ? null : $choice->knees,
                weight_ids: $choice->vestIds,
            ),
            $choice instanceof FootHelped => new self(
                $kind,
                bar_id: $choice->barId,
                box_id: $choice->footing->boxId,
                plate_ids: $choice->footing->plateIds,
                scale_kg: $choice->scaleKg,
                grade: $choice->grade,
                weight_ids: $choice->lapIds,
            ),
            $choice instanceof Hopped => new self(
                $kind,
                bar_id: $choice->barId,
                box_id: $choice->footing->boxId,
                plate_ids: $choice->footing->plateIds,
                hop_m: $choice->hopM,
            ),
            $choice instanceof Counterweighted => new self($kind, machine_id: $choice->machineId, stack_kg: $choice->stackKg),
            $choice instanceof PulledDown => new self(
                $kind,
                machine_id: $choice->machineId,
                stack_kg: $choice->stackKg,
                stance: $choice->stance === Stance::Seated ? null : $choice->stance,
            ),
            $choice instanceof Weighted => new self($kind, weight_ids: $choice->weightIds),
            default => new self($kind),
        };
    }

    /** @throws Unreadable if a key is not of this kind, missing or out of its range, or if keys do not go together */
    public static function read(JsonObject $json): Choice
    {
        $json->allowing('kind', ...self::keys($json->choice('kind', ChoiceKind::class)));

        return $json->build(self::choice(...));
    }

    /** Out of an object that may hold other keys as well. */
    public static function choice(JsonObject $j): Choice
    {
        return match ($j->choice('kind', ChoiceKind::class)) {
            ChoiceKind::Strict => new StrictPull,
            ChoiceKind::Band => self::bands($j),
            ChoiceKind::Row => self::row($j),
            ChoiceKind::Foot => FootHelped::of(
                $j->uuid('bar_id'),
                self::footing($j),
                $j->optionalNumber('scale_kg'),
                $j->optionalChoice('grade', HelpGrade::class),
            )->withLap($j->uuids('weight_ids', self::MOST_PIECES)),
            ChoiceKind::LowBar => OnLowBar::of(
                $j->uuid('bar_id'),
                $j->optionalNumber('scale_kg'),
                $j->optionalChoice('grade', HelpGrade::class),
            ),
            ChoiceKind::BandPullDown => BandPulledDown::of(
                $j->uuid('bar_id'),
                $j->uuids('band_ids', 2),
                $j->optionalChoice('stance', Stance::class) ?? Stance::Kneeling,
            ),
            ChoiceKind::Hop => Hopped::of($j->uuid('bar_id'), self::footing($j), $j->number('hop_m')),
            ChoiceKind::Counterweight => Counterweighted::of($j->uuid('machine_id'), $j->number('stack_kg')),
            ChoiceKind::PullDown => PulledDown::of(
                $j->uuid('machine_id'),
                $j->number('stack_kg'),
                $j->optionalChoice('stance', Stance::class) ?? Stance::Seated,
            ),
            ChoiceKind::Added => Weighted::of($j->uuids('weight_ids', self::MOST_PIECES)),
        };
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        /** @var array<string, mixed> $keys */
        $keys = get_object_vars($this);

        return array_filter($keys, static fn (mixed $value): bool => $value !== null && $value !== []);
    }

    /** @return list<string> */
    private static function keys(ChoiceKind $kind): array
    {
        return match ($kind) {
            ChoiceKind::Strict => [],
            ChoiceKind::Band => ['bar_id', 'attach', 'band_ids', 'knee_band_id'],
            ChoiceKind::Row => ['bar_id', 'ring_id', 'strap_m', 'heel_mark_m', 'box_id', 'heels', 'knees', 'weight_ids'],
            ChoiceKind::Foot => ['bar_id', 'box_id', 'plate_ids', 'scale_kg', 'grade', 'weight_ids'],
            ChoiceKind::LowBar => ['bar_id', 'scale_kg', 'grade'],
            ChoiceKind::BandPullDown => ['bar_id', 'band_ids', 'stance'],
            ChoiceKind::Hop => ['bar_id', 'box_id', 'plate_ids', 'hop_m'],
            ChoiceKind::Counterweight => ['machine_id', 'stack_kg'],
            ChoiceKind::PullDown => ['machine_id', 'stack_kg', 'stance'],
            ChoiceKind::Added => ['weight_ids'],
        };
    }

    private static function bands(JsonObject $j): Choice
    {
        $knee = $j->optionalUuid('knee_band_id');
        $ids = $j->uuids('band_ids', 2);
        if ($knee === null) {
            return OnBands::of($j->uuid('bar_id'), $j->choice('attach', Attach::class), $ids);
        }
        if (! in_array($knee, $ids, true) || count($ids) !== 2 || $j->choice('attach', Attach::class) !== Attach::Foot) {
            throw $j->fault('knee_band_id', 'Of two bands, one at the foot, name the one that goes under the other knee.');
        }

        return OnBands::split($j->uuid('bar_id'), array_values(array_diff($ids, [$knee]))[0] ?? $knee, $knee);
    }

    private static function row(JsonObject $j): Choice
    {
        if ($j->has('bar_id') === $j->has('ring_id')) {
            throw $j->fault('ring_id', 'A row hangs on rings or on a bar: give one of them.');
        }
        $boxId = $j->optionalUuid('box_id');
        $row = $j->has('ring_id')
            ? InRow::onRings($j->uuid('ring_id'), $j->number('strap_m'), $j->number('heel_mark_m'), $boxId)
            : InRow::onBar($j->uuid('bar_id'), $j->number('heel_mark_m'), $boxId);

        return $row->with(
            $j->optionalChoice('heels', Heels::class) ?? Heels::Free,
            $j->optionalChoice('knees', Knees::class) ?? Knees::Straight,
            $j->uuids('weight_ids', self::MOST_PIECES),
        );
    }

    private static function footing(JsonObject $json): Footing
    {
        $plateIds = $json->uuids('plate_ids', self::MOST_PIECES);
        $boxId = $json->optionalUuid('box_id');
        if ($boxId !== null && $plateIds !== []) {
            throw $json->fault('plate_ids', 'Stand on a box or on plates, not on both.');
        }

        return match (true) {
            $boxId !== null => Footing::box($boxId),
            $plateIds !== [] => Footing::plates($plateIds),
            default => Footing::floor(),
        };
    }
}
