<?php

declare(strict_types=1);

namespace App\Formats\Json;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\ChoiceKind;
use SteadyRung\Ladder\Choices\Counterweighted;
use SteadyRung\Ladder\Choices\FootHelped;
use SteadyRung\Ladder\Choices\Footing;
use SteadyRung\Ladder\Choices\Held;
use SteadyRung\Ladder\Choices\Hopped;
use SteadyRung\Ladder\Choices\InRow;
use SteadyRung\Ladder\Choices\Lowered;
use SteadyRung\Ladder\Choices\OnBands;
use SteadyRung\Ladder\Choices\PulledDown;
use SteadyRung\Ladder\Choices\StrictPull;
use SteadyRung\Ladder\Choices\Weighted;
use SteadyRung\Setup\Attach;
use SteadyRung\Setup\HelpGrade;
use SteadyRung\Setup\HoldAt;

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
        #[OA\Property(description: 'band, foot, hop; row on a low bar.', format: 'uuid')]
        public ?string $bar_id = null,
        #[OA\Property(description: 'band.')]
        public ?Attach $attach = null,
        #[OA\Property(description: 'band.', items: new OA\Items(type: 'string', format: 'uuid'), maxItems: 2)]
        public ?array $band_ids = null,
        #[OA\Property(description: 'row on rings.', format: 'uuid')]
        public ?string $ring_id = null,
        #[OA\Property(description: 'row on rings: anchor to ring.')]
        public ?float $strap_m = null,
        #[OA\Property(description: 'row: heels from the plumb line under the anchor, positive past it.')]
        public ?float $heel_mark_m = null,
        #[OA\Property(description: 'row, foot, hop: under the heels or the feet.', format: 'uuid')]
        public ?string $box_id = null,
        #[OA\Property(description: 'foot, hop: under the feet.', items: new OA\Items(type: 'string', format: 'uuid'), maxItems: self::MOST_PIECES)]
        public ?array $plate_ids = null,
        #[OA\Property(description: 'foot: mean over a rep of a scale under the feet.')]
        public ?float $scale_kg = null,
        #[OA\Property(description: 'foot.')]
        public ?HelpGrade $grade = null,
        #[OA\Property(description: 'hop.')]
        public ?float $hop_m = null,
        #[OA\Property(description: 'counterweight, pulldown.', format: 'uuid')]
        public ?string $machine_id = null,
        #[OA\Property(description: 'counterweight, pulldown.')]
        public ?float $stack_kg = null,
        #[OA\Property(description: 'added.', items: new OA\Items(type: 'string', format: 'uuid'), maxItems: self::MOST_PIECES)]
        public ?array $weight_ids = null,
        #[OA\Property(description: 'hold.')]
        public ?HoldAt $at = null,
        #[OA\Property(description: 'lowering, hold.')]
        public ?float $seconds = null,
    ) {
    }

    public static function of(Choice $choice): self
    {
        $kind = $choice->kind();

        return match (true) {
            $choice instanceof OnBands => new self($kind, bar_id: $choice->barId, attach: $choice->attach, band_ids: $choice->bandIds),
            $choice instanceof InRow => new self($kind, bar_id: $choice->barId, ring_id: $choice->ringId, strap_m: $choice->ringId === null ? null : $choice->strapM, heel_mark_m: $choice->heelMarkM, box_id: $choice->boxId),
            $choice instanceof FootHelped => new self($kind, bar_id: $choice->barId, box_id: $choice->footing->boxId, plate_ids: $choice->footing->plateIds, scale_kg: $choice->scaleKg, grade: $choice->grade),
            $choice instanceof Hopped => new self($kind, bar_id: $choice->barId, box_id: $choice->footing->boxId, plate_ids: $choice->footing->plateIds, hop_m: $choice->hopM),
            $choice instanceof Counterweighted, $choice instanceof PulledDown => new self($kind, machine_id: $choice->machineId, stack_kg: $choice->stackKg),
            $choice instanceof Weighted => new self($kind, weight_ids: $choice->weightIds),
            $choice instanceof Lowered => new self($kind, seconds: $choice->seconds),
            $choice instanceof Held => new self($kind, at: $choice->at, seconds: $choice->seconds),
            default => new self($kind),
        };
    }

    public static function read(JsonObject $json): Choice
    {
        return match ($json->choice('kind', ChoiceKind::class)) {
            ChoiceKind::Strict => $json->allowing('kind')->build(static fn (): Choice => new StrictPull),
            ChoiceKind::Band => $json->allowing('kind', 'bar_id', 'attach', 'band_ids')->build(static fn (JsonObject $j): Choice => OnBands::of(
                $j->uuid('bar_id'),
                $j->choice('attach', Attach::class),
                $j->texts('band_ids', 2),
            )),
            ChoiceKind::Row => self::row($json),
            ChoiceKind::Foot => $json->allowing('kind', 'bar_id', 'box_id', 'plate_ids', 'scale_kg', 'grade')->build(static fn (JsonObject $j): Choice => FootHelped::of(
                $j->uuid('bar_id'),
                self::footing($j),
                $j->optionalNumber('scale_kg'),
                $j->optionalChoice('grade', HelpGrade::class),
            )),
            ChoiceKind::Hop => $json->allowing('kind', 'bar_id', 'box_id', 'plate_ids', 'hop_m')->build(static fn (JsonObject $j): Choice => Hopped::of(
                $j->uuid('bar_id'),
                self::footing($j),
                $j->number('hop_m'),
            )),
            ChoiceKind::Counterweight => $json->allowing('kind', 'machine_id', 'stack_kg')->build(
                static fn (JsonObject $j): Choice => Counterweighted::of($j->uuid('machine_id'), $j->number('stack_kg')),
            ),
            ChoiceKind::PullDown => $json->allowing('kind', 'machine_id', 'stack_kg')->build(
                static fn (JsonObject $j): Choice => PulledDown::of($j->uuid('machine_id'), $j->number('stack_kg')),
            ),
            ChoiceKind::Added => $json->allowing('kind', 'weight_ids')->build(
                static fn (JsonObject $j): Choice => Weighted::of($j->texts('weight_ids', self::MOST_PIECES)),
            ),
            ChoiceKind::Lowering => $json->allowing('kind', 'seconds')->build(static fn (JsonObject $j): Choice => Lowered::of($j->number('seconds'))),
            ChoiceKind::Hold => $json->allowing('kind', 'at', 'seconds')->build(
                static fn (JsonObject $j): Choice => Held::of($j->choice('at', HoldAt::class), $j->number('seconds')),
            ),
        };
    }

    /** @return array<mixed> */
    public function jsonSerialize(): array
    {
        return array_filter(get_object_vars($this), static fn (mixed $value): bool => $value !== null && $value !== []);
    }

    private static function row(JsonObject $json): Choice
    {
        $json->allowing('kind', 'bar_id', 'ring_id', 'strap_m', 'heel_mark_m', 'box_id');
        if ($json->has('bar_id') === $json->has('ring_id')) {
            throw $json->fault('ring_id', 'A row hangs on rings or on a bar: give one of them.');
        }
        $boxId = $json->optionalUuid('box_id');

        return $json->build(static fn (JsonObject $j): Choice => $j->has('ring_id')
            ? InRow::onRings($j->uuid('ring_id'), $j->number('strap_m'), $j->number('heel_mark_m'), $boxId)
            : InRow::onBar($j->uuid('bar_id'), $j->number('heel_mark_m'), $boxId));
    }

    private static function footing(JsonObject $json): Footing
    {
        $plateIds = $json->texts('plate_ids', self::MOST_PIECES);
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
