<?php

declare(strict_types=1);

namespace App\Formats\CommandLine;

use App\Formats\Json\Kit\BandCurveJson;
use App\Formats\Json\Read;
use App\Formats\Json\Setups\CarriedJson;
use App\Formats\Json\Setups\MisfitJson;
use App\Formats\Json\Setups\SecondsJson;
use App\Formats\Json\Setups\SetupJson;
use App\Formats\JsonObject;
use App\Formats\Unreadable;
use SteadyRung\Body\Body;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\HeelMarks;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\StandingHeight;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Feet\BoxReach;
use SteadyRung\Setup\Row\HeelMark;
use SteadyRung\Setup\Row\Row;
use SteadyRung\Strength\Reps\RepCurve;
use SteadyRung\Strength\Reps\Seconds;

/**
 * Answers a topic of the core: JSON in, a value that becomes JSON out.
 */
final class Answers
{
    /** @throws Unreadable if the request cannot be read */
    public static function answer(Topic $topic, JsonObject $request): object
    {
        return match ($topic) {
            Topic::Carried => self::carried($request),
            Topic::Band => BandCurveJson::of(Read::band($request)),
            Topic::Reps => self::reps($request),
            Topic::HeelMark => self::heelMark($request),
            Topic::Box => self::box($request),
            Topic::Ladder => LadderAnswer::of(LadderQuestion::read($request)),
            Topic::Seconds => self::seconds($request),
            Topic::Capacity => CapacityAnswers::capacity($request),
            Topic::Predict => CapacityAnswers::predict($request),
            Topic::Forecast => CapacityAnswers::forecast($request),
            Topic::Session => PlanAnswers::session($request),
            Topic::Call => PlanAnswers::call($request),
            Topic::Timetable => TimetableQuestion::answer($request),
            Topic::Trace => TraceQuestion::answer($request),
        };
    }

    private static function carried(JsonObject $request): CarriedJson|MisfitJson
    {
        $request->allowing('body', 'setup', 'exercise');
        [$setup, $style] = SetupJson::exercise($request);
        $body = Read::body($request->object('body'));
        $load = $setup->carriedBy($body, $style->travel());

        return $load instanceof DoesNotFit ? MisfitJson::of($load) : CarriedJson::of($load->forBody($body));
    }

    private static function seconds(JsonObject $request): object
    {
        $capacity = $request->allowing('capacity_share', 'exercise', 'body')->object('capacity_share')->allowing('mean', 'sd');
        [$setup, $style] = SetupJson::exercise($request);
        [$mean, $sd] = [Read::share($capacity, 'mean'), $capacity->number('sd')];
        $capacity->build(static fn () => OutOfRange::guard(['sd' => [$sd, [0.0, $mean]]]));
        if (! $style->movement->isTimed()) {
            throw $request->fault('exercise', 'Only a lowering and a hold last seconds.');
        }
        $load = $setup->carriedBy(Read::body($request->object('body')), $style->travel());
        $seconds = $load instanceof DoesNotFit ? null : Seconds::expected($mean, $sd / $mean, $style, $load);

        return match (true) {
            $load instanceof DoesNotFit => MisfitJson::of($load),
            $seconds === null => (object) [
                'median_s' => null,
                'low80' => null,
                'high80' => null,
                'chance' => (object) [],
                'reason' => 'The grip decides a hang: it is predicted from the athlete’s own hangs only.',
            ],
            default => SecondsJson::of($seconds),
        };
    }

    private static function heelMark(JsonObject $request): object
    {
        $request->allowing('body', 'kit', 'anchor_height_m', 'strap_m', 'heel_height_m', 'share');
        $body = Read::body($request->object('body'));
        if ($request->has('kit')) {
            return self::heelMarks($request->allowing('body', 'kit', 'share'), $body);
        }
        $row = $request->build(static fn (JsonObject $j): Row => Row::of(
            $j->number('anchor_height_m'),
            $j->number('strap_m'),
            0.0,
            $j->optionalNumber('heel_height_m') ?? 0.0,
        ));
        $share = Read::share($request, 'share');
        $found = HeelMark::forShare($row, $body, $share);
        $load = $found instanceof Row ? $found->carriedBy($body) : $found;

        return $load instanceof DoesNotFit
            ? MisfitJson::of($load)
            : (object) ['fits' => true, 'heel_mark_m' => $found->heelMarkM, 'share' => $load->share()];
    }

    private static function heelMarks(JsonObject $request, Body $body): object
    {
        $found = HeelMarks::forShare(new RungSearch(Read::kit($request->object('kit'))), $body, Read::share($request, 'share'));

        return (object) ['found' => array_map(
            static fn (Rung $rung): object => (object) [
                'setup' => SetupJson::of($rung->setup),
                'share' => $rung->share(),
                'friction' => $rung->load->friction,
            ],
            $found,
        )];
    }

    private static function box(JsonObject $request): object
    {
        $request->allowing('body', 'bar_height_m', 'leg_part', 'heights_m');
        $body = Read::body($request->object('body'));
        [$boxes, $plates] = Read::standingGear($request, 'heights_m');
        $barM = $request->number('bar_height_m');
        $part = $request->number('leg_part');

        return $request->build(static function () use ($body, $boxes, $plates, $barM, $part): object {
            $height = BoxReach::nearest($body, $barM, $part, StandingHeight::all($boxes, $plates));
            $reach = BoxReach::of($barM, $height->heightM);

            return (object) ['box_m' => $height->heightM, 'leg_part' => max(0.0, min(1.0, $reach->legPart($body)))];
        });
    }

    private static function reps(JsonObject $request): object
    {
        return $request->has('reps') ? self::capacity($request) : self::repsAtLoad($request);
    }

    private static function capacity(JsonObject $request): object
    {
        $curve = Read::curve($request->allowing('load_kg', 'reps', 'k', 'formula'));
        $reps = $request->number('reps');

        return (object) [
            'capacity_kg' => $request->build(static fn (JsonObject $j): float => $curve->capacity($j->number('load_kg'), $reps)),
            'clipped' => $reps > RepCurve::MOST_REPS,
        ];
    }

    private static function repsAtLoad(JsonObject $request): object
    {
        $curve = Read::curve($request->allowing('capacity_kg', 'load_kg', 'k', 'formula'));

        return $request->build(static fn (JsonObject $j): object => $curve->repsAt($j->number('capacity_kg'), $j->number('load_kg')));
    }
}
