<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Formats\CoreJson\BandAnswer;
use App\Formats\CoreJson\Travel;
use App\Http\Requests\BenchInput;
use App\Http\Resources\BenchResource;
use App\Http\Resources\HelpResource;
use App\Http\Resources\PointResource;
use App\Http\Resources\WhyResource;
use App\Models\Athlete;
use App\Models\GymKit;
use SteadyRung\Body\Body;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\LoopBand;
use SteadyRung\Setup\Attach;
use SteadyRung\Setup\BandHang;
use SteadyRung\Setup\BandHelp;
use SteadyRung\Setup\DoesNotFit;

/**
 * Puts the band bench together.
 */
final readonly class BenchView
{
    public function __construct(private GymKit $kit)
    {
    }

    public function of(BenchInput $input): BenchResource
    {
        $band = $input->band->toCore();
        $athlete = $input->athlete_id === null ? null : Athlete::query()->findOrFail($input->athlete_id);
        $bar = self::bar($this->kit->inUse(), $input->bar_id);

        return new BenchResource(BandAnswer::of($band), array_map(PointResource::of(...), $band->points), $athlete === null || $bar === null ? [] : array_map(
            static fn (Attach $attach): HelpResource => self::help($band, $attach, $bar, $athlete->toCore()),
            Attach::cases(),
        ));
    }

    /** The bar asked for, else the highest. */
    private static function bar(Kit $kit, ?string $id): ?Bar
    {
        return $id === null ? $kit->bars[count($kit->bars) - 1] ?? null : $kit->bar($id);
    }

    private static function help(LoopBand $band, Attach $attach, Bar $bar, Body $body): HelpResource
    {
        $setup = BandHelp::of($bar->heightM, $attach, [$band]);
        $load = $setup->carriedBy($body);
        if ($load instanceof DoesNotFit) {
            return new HelpResource($attach, $load->reason, null, null, null, null, null, null);
        }
        $hang = BandHang::lengths($setup, $body);

        return new HelpResource(
            $attach,
            null,
            new Travel($load->helpKg($load->bottomN), $load->helpKg($load->meanN), $load->helpKg($load->topN)),
            $load->share(),
            $load->shareSd,
            $hang->bottomM,
            $hang->topM,
            WhyResource::of("At the $attach->value", $setup->why($body)),
        );
    }
}
