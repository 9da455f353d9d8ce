<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Context\Kit\GymKit;
use App\Formats\Json\Kit\BandCurveJson;
use App\Formats\Json\Kit\BandPointJson;
use App\Formats\Json\Kit\BenchJson;
use App\Formats\Json\Setups\HelpJson;
use App\Formats\Json\Setups\TravelJson;
use App\Formats\Json\Why\WhyJson;
use App\Models\Athletes\Athlete;
use App\Models\Kit\Gear;
use SteadyRung\Body\Body;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\DoesNotFit;

/**
 * Puts the band bench together.
 */
final readonly class BenchQuery
{
    public function __construct(private GymKit $kit)
    {
    }

    /** @param  string|null  $hitchedOn  the bar it hung on while it was measured */
    public function of(LoopBand $band, ?string $hitchedOn, ?string $athleteId, ?string $barId): BenchJson
    {
        $measuredOn = $hitchedOn === null ? null : Gear::query()->find($hitchedOn)?->toCore();
        $band = $band->measuredOver($measuredOn instanceof Bar ? $measuredOn : null);
        $athlete = $athleteId === null ? null : Athlete::query()->findOrFail($athleteId);
        $bar = self::bar($this->kit->inUse(), $barId);

        return new BenchJson(BandCurveJson::of($band), array_map(
            BandPointJson::of(...),
            $band->points,
        ), $athlete === null || $bar === null ? [] : array_map(
            static fn (Attach $attach): HelpJson => self::help($band, $attach, $bar, $athlete->toCore()),
            Attach::cases(),
        ));
    }

    /** The bar asked for, else the highest. */
    private static function bar(Kit $kit, ?string $id): ?Bar
    {
        return $id === null ? $kit->bars[count($kit->bars) - 1] ?? null : $kit->bar($id);
    }

    private static function help(LoopBand $band, Attach $attach, Bar $bar, Body $body): HelpJson
    {
        $setup = BandHelp::of($bar->heightM, $attach, [$band->over($bar)]);
        $load = $setup->carriedBy($body);
        if ($load instanceof DoesNotFit) {
            return new HelpJson(
                attach: $attach,
                reason: $load->reason,
                help_kg: null,
                share: null,
                share_sd: null,
                bottom_m: null,
                top_m: null,
                why: null,
            );
        }
        $path = $setup->lengths($body)->paths[0];

        return new HelpJson(
            attach: $attach,
            reason: null,
            help_kg: new TravelJson($load->helpKg($load->bottomN), $load->helpKg($load->meanN), $load->helpKg($load->topN)),
            share: $load->share(),
            share_sd: $load->shareSd,
            bottom_m: $path->bottomM,
            top_m: $path->topM,
            why: WhyJson::of("At the $attach->value", $setup->why($body)),
        );
    }
}
