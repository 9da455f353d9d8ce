<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use App\Formats\JsonObject;
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
        #[OA\Property(description: 'foot, hop: under the feet.', items: new OA\Items(type: 'string', format: 'uuid'), maxItems: self::MOST_PIECES)]
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
        #[OA\Property(description: 'added; worn in a row; in the lap with foot help.', items: new OA\Items(type: 'string', format: 'uuid'), maxItems: self::MOST_PIECES)]
        public ?array $weight_ids = null,
        #[OA\Property(description: 'band: the one of two bands that goes under the knee while the other is at the foot.', format: 'uuid')]
        public ?string $knee_band_id = null,
        #[OA\Property(description: 'row: against a wall, a plate or the lip of the box; free unless said.')]
        public ?Heels $heels = null,
        #[OA\Property(description: 'row: straight unless said.')]
        public ?Knees $knees = null,
        #[OA\Property(description: 'pulldown, band-pulldown.')]
        public ?Stance $stance = null,
    ) {
    }

    public static function of(Choice $choice): self
    {
        $kind = $choice->kind();

        return match (true) {
            $choice instanceof OnBands => new self($kind, bar_id: $choice->barId, attach: $choice->attach, band_ids: $choice->bandIds, knee_band_id: $choice->kneeBandId),
            $choice instanceof BandPulledDown => new self($kind, bar_id: $choice->barId, band_ids: $choice->bandIds, stance: $choice->stance),
            $choice instanceof OnLowBar => new self($kind, bar_id: $choice->barId, scale_kg: $choice->scaleKg, grade: $choice->grade),
            $choice instanceof InRow => new self($kind, bar_id: $choice->barId, ring_id: $choice->ringId, strap_m: $choice->ringId === null ? null : $choice->strapM, heel_mark_m: $choice->heelMarkM, box_id: $choice->boxId, heels: $choice->heels === Heels::Free ? null : $choice->heels, knees: $choice->knees === Knees::Straight ? null : $choice->knees, weight_ids: $choice->vestIds),
            $choice instanceof FootHelped => new self($kind, bar_id: $choice->barId, box_id: $choice->footing->boxId, plate_ids: $choice->footing->plateIds, scale_kg: $choice->scaleKg, grade: $choice->grade, weight_ids: $choice->lapIds),
            $choice instanceof Hopped => new self($kind, bar_id: $choice->barId, box_id: $choice->footing->boxId, plate_ids: $choice->footing->plateIds, hop_m: $choice->hopM),
            $choice instanceof Counterweighted => new self($kind, machine_id: $choice->machineId, stack_kg: $choice->stackKg),
            $choice instanceof PulledDown => new self($kind, machine_id: $choice->machineId, stack_kg: $choice->stackKg, stance: $choice->stance === Stance::Seated ? null : $choice->stance),
            $choice instanceof Weighted => new self($kind, weight_ids: $choice->weightIds),
            default => new self($kind),
        };
    }

    public static function read(JsonObject $json): Choice
    {
        return match ($json->choice('kind', ChoiceKind::class)) {
            ChoiceKind::Strict => $json->allowing('kind')->build(static fn (): Choice => new StrictPull),
            ChoiceKind::Band => self::bands($json),
            ChoiceKind::Row => self::row($json),
            ChoiceKind::Foot => $json->allowing('kind', 'bar_id', 'box_id', 'plate_ids', 'scale_kg', 'grade', 'weight_ids')->build(static fn (JsonObject $j): Choice => FootHelped::of(
                $j->uuid('bar_id'),
                self::footing($j),
                $j->optionalNumber('scale_kg'),
                $j->optionalChoice('grade', HelpGrade::class),
            )->withLap($j->uuids('weight_ids', self::MOST_PIECES))),
            ChoiceKind::LowBar => $json->allowing('kind', 'bar_id', 'scale_kg', 'grade')->build(
                static fn (JsonObject $j): Choice => OnLowBar::of($j->uuid('bar_id'), $j->optionalNumber('scale_kg'), $j->optionalChoice('grade', HelpGrade::class)),
            ),
            ChoiceKind::BandPullDown => $json->allowing('kind', 'bar_id', 'band_ids', 'stance')->build(
                static fn (JsonObject $j): Choice => BandPulledDown::of($j->uuid('bar_id'), $j->uuids('band_ids', 2), $j->optionalChoice('stance', Stance::class) ?? Stance::Kneeling),
            ),
            ChoiceKind::Hop => $json->allowing('kind', 'bar_id', 'box_id', 'plate_ids', 'hop_m')->build(static fn (JsonObject $j): Choice => Hopped::of(
                $j->uuid('bar_id'),
                self::footing($j),
                $j->number('hop_m'),
            )),
            ChoiceKind::Counterweight => $json->allowing('kind', 'machine_id', 'stack_kg')->build(
                static fn (JsonObject $j): Choice => Counterweighted::of($j->uuid('machine_id'), $j->number('stack_kg')),
            ),
            ChoiceKind::PullDown => $json->allowing('kind', 'machine_id', 'stack_kg', 'stance')->build(
                static fn (JsonObject $j): Choice => PulledDown::of($j->uuid('machine_id'), $j->number('stack_kg'), $j->optionalChoice('stance', Stance::class) ?? Stance::Seated),
            ),
            ChoiceKind::Added => $json->allowing('kind', 'weight_ids')->build(
                static fn (JsonObject $j): Choice => Weighted::of($j->uuids('weight_ids', self::MOST_PIECES)),
            ),
        };
    }

    /** @return array<mixed> */
    public function jsonSerialize(): array
    {
        return array_filter(get_object_vars($this), static fn (mixed $value): bool => $value !== null && $value !== []);
    }

    private static function bands(JsonObject $json): Choice
    {
        $json->allowing('kind', 'bar_id', 'attach', 'band_ids', 'knee_band_id');
        $knee = $json->optionalUuid('knee_band_id');
        $ids = $json->uuids('band_ids', 2);
        if ($knee === null) {
            return $json->build(static fn (JsonObject $j): Choice => OnBands::of($j->uuid('bar_id'), $j->choice('attach', Attach::class), $ids));
        }
        if (! in_array($knee, $ids, true) || count($ids) !== 2 || $json->choice('attach', Attach::class) !== Attach::Foot) {
            throw $json->fault('knee_band_id', 'Of two bands, one at the foot, name the one that goes under the other knee.');
        }

        return $json->build(static fn (JsonObject $j): Choice => OnBands::split($j->uuid('bar_id'), array_values(array_diff($ids, [$knee]))[0] ?? $knee, $knee));
    }

    private static function row(JsonObject $json): Choice
    {
        $json->allowing('kind', 'bar_id', 'ring_id', 'strap_m', 'heel_mark_m', 'box_id', 'heels', 'knees', 'weight_ids');
        if ($json->has('bar_id') === $json->has('ring_id')) {
            throw $json->fault('ring_id', 'A row hangs on rings or on a bar: give one of them.');
        }
        $boxId = $json->optionalUuid('box_id');

        return $json->build(static fn (JsonObject $j): Choice => ($j->has('ring_id')
            ? InRow::onRings($j->uuid('ring_id'), $j->number('strap_m'), $j->number('heel_mark_m'), $boxId)
            : InRow::onBar($j->uuid('bar_id'), $j->number('heel_mark_m'), $boxId))
            ->with($j->optionalChoice('heels', Heels::class) ?? Heels::Free, $j->optionalChoice('knees', Knees::class) ?? Knees::Straight, $j->uuids('weight_ids', self::MOST_PIECES)));
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
