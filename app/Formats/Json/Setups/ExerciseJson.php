<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\ExecutionStyle;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;
use SteadyRung\Exercise\Style\Width;

/**
 * A set-up of the gym's gear, what is done on it, and how it is held; what is not said is the whole pull, held over the bar just
 * outside the shoulders.
 */
#[OA\Schema(schema: 'Exercise')]
final readonly class ExerciseJson implements \JsonSerializable
{
    private const MOST_LETTERS = 1200;

    public const MANNER = ['movement', 'at', 'seconds', 'grip', 'width', 'up_by'];

    private function __construct(
        #[OA\Property]
        public ChoiceJson $setup,
        #[OA\Property]
        public ?Movement $movement = null,
        #[OA\Property(description: 'hold.')]
        public ?HoldAt $at = null,
        #[OA\Property(
            description: 'lowering (1–60), hold (1–600).',
            minimum: ExecutionStyle::HOLD_S[0],
            maximum: ExecutionStyle::HOLD_S[1],
        )]
        public ?float $seconds = null,
        #[OA\Property]
        public ?Grip $grip = null,
        #[OA\Property]
        public ?Width $width = null,
        #[OA\Property(description: 'How one gets up; other than by the pull, the way down is without that help.')]
        public ?UpBy $up_by = null,
    ) {
    }

    public static function of(Exercise $exercise): self
    {
        return new self(
            setup: ChoiceJson::of($exercise->setup),
            movement: $exercise->style->movement,
            at: $exercise->style->at,
            seconds: $exercise->style->seconds,
            grip: $exercise->style->grip,
            width: $exercise->style->width,
            up_by: $exercise->style->upBy,
        );
    }

    public static function read(JsonObject $json): Exercise
    {
        $json->allowing('setup', ...self::MANNER);
        $setup = ChoiceJson::read($json->object('setup'));

        return $json->build(static fn (JsonObject $j): Exercise => Exercise::of($setup, ...self::style($j)));
    }

    /** As JSON in the query of an address. */
    public static function ofQuery(JsonObject $query): Exercise
    {
        return self::read(JsonObject::parse($query->text('exercise', self::MOST_LETTERS)));
    }

    /**
     * What an object says beside its set-up, as Manner and Exercise take it.
     *
     * @return array{Movement, HoldAt|null, float|null, Grip, Width, UpBy|null}
     */
    public static function style(JsonObject $j): array
    {
        return [
            $j->optionalChoice('movement', Movement::class) ?? Movement::Full,
            $j->optionalChoice('at', HoldAt::class),
            $j->optionalNumber('seconds'),
            $j->optionalChoice('grip', Grip::class) ?? Grip::Over,
            $j->optionalChoice('width', Width::class) ?? Width::Outside,
            $j->optionalChoice('up_by', UpBy::class),
        ];
    }

    /**
     * What is said beside the set-up where it is not the whole pull held as usual.
     *
     * @return array<string, string|float>
     */
    public static function unusual(Exercise $exercise): array
    {
        $style = $exercise->style;

        return array_filter([
            'movement' => $style->movement === Movement::Full ? null : $style->movement->value,
            'at' => $style->at?->value,
            'seconds' => $style->seconds,
            'grip' => $style->grip === Grip::Over ? null : $style->grip->value,
            'width' => $style->width === Width::Outside ? null : $style->width->value,
            'up_by' => $style->isUsualWayUp($exercise->setup->kind()) ? null : $style->upBy->value,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @return array<mixed> */
    public function jsonSerialize(): array
    {
        return array_filter(get_object_vars($this), static fn (mixed $value): bool => $value !== null);
    }
}
