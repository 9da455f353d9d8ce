<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use App\Formats\Json\Read;
use App\Formats\JsonObject;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\ExecutionStyle;
use SteadyRung\Exercise\Rung;
use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Floor;
use SteadyRung\Kit\Kit;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\AddedWeight;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Band\AttachedBand;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\Band\BandPullDown;
use SteadyRung\Setup\Feet\FootHelp;
use SteadyRung\Setup\Feet\Hop;
use SteadyRung\Setup\Feet\LowBar;
use SteadyRung\Setup\HelpGrade;
use SteadyRung\Setup\Row\Heeling;
use SteadyRung\Setup\Row\Heels;
use SteadyRung\Setup\Row\Knees;
use SteadyRung\Setup\Row\Row;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Stack\Counterweight;
use SteadyRung\Setup\Stack\PullDown;
use SteadyRung\Setup\Stack\Stance;
use SteadyRung\Setup\Strict;

/**
 * A set-up as the command line takes and gives it.
 */
final class SetupJson
{
    /** @return array<string, mixed> */
    public static function of(Setup $setup): array
    {
        return match (true) {
            $setup instanceof BandHelp => ['kind' => ChoiceKind::Band, 'bar_height_m' => $setup->barHeightM, 'attach' => $setup->attach() ?? $setup->bands[0]->attach, 'bands' => array_map(
                static fn (AttachedBand $b): array => [
                    ...self::band($b->band),
                    ...($setup->attach() === null ? ['attach' => $b->attach] : []),
                ],
                $setup->bands,
            ), 'clearance_m' => $setup->clearanceM],
            $setup instanceof Row => self::row($setup),
            $setup instanceof FootHelp => self::given([
                'kind' => ChoiceKind::Foot,
                'bar_height_m' => $setup->reach->barHeightM,
                'box_m' => $setup->reach->boxM,
                'scale_kg' => $setup->scaleKg,
                'grade' => $setup->grade,
                'lap_kg' => self::unless(0.0, $setup->lapKg),
            ]),
            $setup instanceof LowBar => self::given([
                'kind' => ChoiceKind::LowBar,
                'bar_height_m' => $setup->barHeightM,
                'scale_kg' => $setup->scaleKg,
                'grade' => $setup->grade,
            ]),
            $setup instanceof BandPullDown => [
                'kind' => ChoiceKind::BandPullDown,
                'anchor_height_m' => $setup->anchorHeightM,
                'bands' => array_map(self::band(...), $setup->bands),
                'stance' => $setup->stance,
            ],
            $setup instanceof Hop => [
                'kind' => ChoiceKind::Hop,
                'bar_height_m' => $setup->reach->barHeightM,
                'box_m' => $setup->reach->boxM,
                'hop_m' => $setup->hopM,
            ],
            $setup instanceof Counterweight => self::given([
                'kind' => ChoiceKind::Counterweight, 'stack_kg' => $setup->stackKg, 'leverage' => $setup->leverage,
                'platform_kg' => self::unless(0.0, $setup->platformKg), 'lever_deg' => self::unless(0.0, $setup->leverDeg), 'lever_at_rest_deg' => self::unless(
                    0.0,
                    $setup->leverAtRestDeg,
                ),
            ]),
            $setup instanceof PullDown => self::given([
                'kind' => ChoiceKind::PullDown,
                'stack_kg' => $setup->stackKg,
                'stance' => self::unless(Stance::Seated, $setup->stance),
            ]),
            $setup instanceof AddedWeight => ['kind' => ChoiceKind::Added, 'added_kg' => $setup->addedKg],
            $setup instanceof Strict => ['kind' => ChoiceKind::Strict],
            default => throw new \LogicException('A kind of set-up without JSON: '.$setup::class),
        };
    }

    /** @param  Kit|null  $kit  whose bands may be named by their ids alone */
    public static function read(JsonObject $json, ?Kit $kit = null): Setup
    {
        return match ($json->choice('kind', ChoiceKind::class)) {
            ChoiceKind::Strict => self::strict($json),
            ChoiceKind::Band => self::bandHelp($json, $kit),
            ChoiceKind::Added => $json->allowing('kind', 'added_kg')->build(
                static fn (JsonObject $j): Setup => AddedWeight::of($j->number('added_kg')),
            ),
            ChoiceKind::Row => $json->allowing('kind', 'anchor_height_m', 'strap_m', 'heel_mark_m', 'heel_height_m', 'heels', 'floor', 'added_kg', 'knees')->build(static fn (JsonObject $j): Setup => Row::of(
                $j->number('anchor_height_m'),
                $j->number('strap_m'),
                $j->number('heel_mark_m'),
                $j->optionalNumber('heel_height_m') ?? 0.0,
                self::heeling($j),
                $j->optionalNumber('added_kg') ?? 0.0,
            )),
            ChoiceKind::Foot => $json->allowing('kind', 'bar_height_m', 'box_m', 'scale_kg', 'grade', 'lap_kg')->build(static fn (JsonObject $j): Setup => FootHelp::of(
                $j->number('bar_height_m'),
                $j->number('box_m'),
                $j->optionalNumber('scale_kg'),
                $j->optionalChoice('grade', HelpGrade::class),
                $j->optionalNumber('lap_kg') ?? 0.0,
            )),
            ChoiceKind::LowBar => $json->allowing('kind', 'bar_height_m', 'scale_kg', 'grade')->build(
                static fn (JsonObject $j): Setup => LowBar::of(
                    $j->number('bar_height_m'),
                    $j->optionalNumber('scale_kg'),
                    $j->optionalChoice('grade', HelpGrade::class),
                ),
            ),
            ChoiceKind::BandPullDown => self::bandPullDown($json, $kit),
            ChoiceKind::Hop => $json->allowing('kind', 'bar_height_m', 'box_m', 'hop_m')->build(
                static fn (JsonObject $j): Setup => Hop::of($j->number('bar_height_m'), $j->number('box_m'), $j->number('hop_m')),
            ),
            ChoiceKind::Counterweight => $json->allowing('kind', 'stack_kg', 'leverage', 'platform_kg', 'lever_deg', 'lever_at_rest_deg')->build(static fn (JsonObject $j): Setup => Counterweight::of(
                $j->number('stack_kg'),
                $j->number('leverage'),
                $j->optionalNumber('platform_kg') ?? 0.0,
                $j->optionalNumber('lever_deg') ?? 0.0,
                $j->optionalNumber('lever_at_rest_deg') ?? 0.0,
            )),
            ChoiceKind::PullDown => $json->allowing('kind', 'stack_kg', 'stance')->build(
                static fn (JsonObject $j): Setup => PullDown::of(
                    $j->number('stack_kg'),
                    $j->optionalChoice('stance', Stance::class) ?? Stance::Seated,
                ),
            ),
        };
    }

    /**
     * The set-up of a request, and what is done on it: {setup} alone for the whole pull, or {exercise}.
     *
     * @return array{Setup, ExecutionStyle}
     */
    public static function exercise(JsonObject $request): array
    {
        if ($request->has('setup') === $request->has('exercise')) {
            throw $request->fault('exercise', 'Give a setup or an exercise, one of them.');
        }

        return $request->has('exercise')
            ? self::done($request->object('exercise'))
            : [self::read($request->object('setup')), ExecutionStyle::of($request->object('setup')->choice('kind', ChoiceKind::class))];
    }

    /** @return array{Setup, ExecutionStyle} of an exercise */
    public static function done(JsonObject $exercise, ?Kit $kit = null): array
    {
        $setup = $exercise->allowing('setup', ...ExerciseJson::MANNER)->object('setup');
        $read = self::read($setup, $kit);
        $kind = $setup->choice('kind', ChoiceKind::class);

        return [
            $read,
            $exercise->build(static fn (JsonObject $j): ExecutionStyle => ExecutionStyle::of($kind, ...ExerciseJson::style($j))),
        ];
    }

    /** @return array<string, mixed> an exercise as it is taken, what is usual left out */
    public static function exerciseOf(Rung $rung): array
    {
        return ['setup' => self::of($rung->setup), ...ExerciseJson::unusual($rung->exercise)];
    }

    private static function strict(JsonObject $json): Strict
    {
        return $json->allowing('kind', 'bar_height_m')->build(static function (JsonObject $j): Strict {
            OutOfRange::guard(['bar_height_m' => [$j->optionalNumber('bar_height_m'), Bar::HEIGHT_M]]);

            return new Strict;
        });
    }

    private static function bandHelp(JsonObject $json, ?Kit $kit): BandHelp
    {
        $json->allowing('kind', 'bar_height_m', 'attach', 'bands', 'clearance_m');
        $attach = $json->choice('attach', Attach::class);
        $bands = self::bands(
            $json,
            $kit,
            static fn (JsonObject $band, LoopBand $loop): AttachedBand => new AttachedBand(
                $loop,
                $band->optionalChoice('attach', Attach::class) ?? $attach,
            ),
            'attach',
        );

        return $json->build(
            static fn (JsonObject $j): BandHelp => BandHelp::each(
                $j->number('bar_height_m'),
                $bands,
                $j->optionalNumber('clearance_m') ?? BandHelp::CLEARANCE_M,
            ),
        );
    }

    private static function bandPullDown(JsonObject $json, ?Kit $kit): BandPullDown
    {
        $json->allowing('kind', 'anchor_height_m', 'bands', 'stance');
        $bands = self::bands($json, $kit, static fn (JsonObject $band, LoopBand $loop): LoopBand => $loop);

        return $json->build(
            static fn (JsonObject $j): BandPullDown => BandPullDown::of(
                $j->number('anchor_height_m'),
                $bands,
                $j->optionalChoice('stance', Stance::class) ?? Stance::Kneeling,
            ),
        );
    }

    /**
     * @template T
     *
     * @param  \Closure(JsonObject, LoopBand): T  $with
     * @return list<T>
     */
    private static function bands(JsonObject $json, ?Kit $kit, \Closure $with, string ...$besides): array
    {
        return array_map(
            static fn (JsonObject $band, int $i): mixed => $with(
                $band,
                $kit === null || $band->has('hung_length_m')
                    ? Read::band($band, 'band '.($i + 1), ...$besides)
                    : $band->build(static fn (JsonObject $j): LoopBand => $kit->band($j->text('id', 64))),
            ),
            $objects = $json->objects('bands', BandHelp::MOST_BANDS),
            array_keys($objects),
        );
    }

    private static function heeling(JsonObject $j): Heeling
    {
        return new Heeling(
            $j->optionalChoice('heels', Heels::class) ?? Heels::Free,
            $j->optionalChoice('knees', Knees::class) ?? Knees::Straight,
            $j->optionalChoice('floor', Floor::class) ?? Floor::Unknown,
        );
    }

    /** @return array<string, mixed> */
    private static function row(Row $row): array
    {
        return self::given([
            'kind' => ChoiceKind::Row, 'anchor_height_m' => $row->anchorHeightM, 'strap_m' => $row->strapM, 'heel_mark_m' => $row->heelMarkM, 'heel_height_m' => $row->heelHeightM,
            'heels' => self::unless(Heels::Free, $row->heeling->heels), 'floor' => self::unless(Floor::Unknown, $row->heeling->floor),
            'added_kg' => self::unless(0.0, $row->addedKg), 'knees' => self::unless(Knees::Straight, $row->heeling->knees),
        ]);
    }

    private static function unless(mixed $usual, mixed $value): mixed
    {
        return $value === $usual ? null : $value;
    }

    /** @return array<string, mixed> */
    private static function band(LoopBand $band): array
    {
        return [
            'id' => $band->id,
            'hung_length_m' => $band->hungLengthM(),
            'width_mm' => $band->widthMm,
            'thickness_mm' => $band->thicknessMm,
            'points' => array_map(
                static fn (CalibrationPoint $p): array => ['length_m' => $p->lengthM, 'force_n' => $p->forceN],
                $band->points,
            ),
        ];
    }

    /**
     * Without what is not said.
     *
     * @param  array<string, mixed>  $keys
     * @return array<string, mixed>
     */
    public static function given(array $keys): array
    {
        return array_filter($keys, static fn (mixed $value): bool => $value !== null);
    }
}
