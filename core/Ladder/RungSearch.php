<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Body\Body;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\LoopBand;
use SteadyRung\Setup\Attach;
use SteadyRung\Setup\BandHelp;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Strict;

/**
 * Finds the rungs a kit can build for a body.
 */
final readonly class RungSearch
{
    public const STRICT_NAME = 'Unassisted pull-up';

    public function __construct(private Kit $kit)
    {
    }

    /**
     * The rung of one choice.
     *
     * @throws UnknownGear if the kit lacks the bar or a band
     */
    public function rung(Choice $choice, Body $body): Rung|DoesNotFit
    {
        if ($choice->attach === null) {
            return $this->strict($body);
        }

        return self::banded(
            $this->bar((string) $choice->barId),
            $choice->attach,
            array_map(fn (string $id): LoopBand => $this->band($id), $choice->bandIds),
            $body,
        );
    }

    public function strict(Body $body): Rung
    {
        $setup = new Strict;

        return new Rung(Choice::strict(), self::STRICT_NAME, $setup, $setup->carriedBy($body));
    }

    /**
     * Every single band on every bar under foot and knee, and the unassisted pull-up, from the least carried to the most.
     *
     * @return list<Rung>
     */
    public function singles(Body $body): array
    {
        $rungs = [$this->strict($body)];
        foreach ($this->kit->bands as $band) {
            array_push($rungs, ...$this->onEveryBar([$band], $body));
        }

        return self::sorted($rungs);
    }

    /**
     * Every pair of bands likewise.
     *
     * @return list<Rung>
     */
    public function pairs(Body $body): array
    {
        $rungs = [];
        foreach ($this->kit->bands as $i => $first) {
            foreach (array_slice($this->kit->bands, $i + 1) as $second) {
                array_push($rungs, ...$this->onEveryBar([$first, $second], $body));
            }
        }

        return self::sorted($rungs);
    }

    /**
     * The set-ups of one band that do not fit, each with its reason.
     *
     * @return list<array{string, DoesNotFit}>
     */
    public function misfits(LoopBand $band, Body $body): array
    {
        $misfits = [];
        foreach ($this->kit->bars as $bar) {
            foreach (Attach::cases() as $attach) {
                $rung = self::banded($bar, $attach, [$band], $body);
                if ($rung instanceof DoesNotFit) {
                    $misfits[] = [self::name([$band], $attach, $bar), $rung];
                }
            }
        }

        return $misfits;
    }

    /** @param  list<LoopBand>  $bands */
    private static function banded(Bar $bar, Attach $attach, array $bands, Body $body): Rung|DoesNotFit
    {
        $setup = BandHelp::of($bar->heightM, $attach, $bands);
        $load = $setup->carriedBy($body);
        $ids = array_map(static fn (LoopBand $b): string => $b->id, $bands);

        return $load instanceof DoesNotFit
            ? $load
            : new Rung(Choice::bands($bar->id, $attach, $ids), self::name($bands, $attach, $bar), $setup, $load);
    }

    /** @param  list<LoopBand>  $bands */
    private static function name(array $bands, Attach $attach, Bar $bar): string
    {
        $names = array_map(static fn (LoopBand $b): string => $b->name, $bands);

        return sprintf('%s, %s, %s', implode(' + ', $names), $attach->value, $bar->name);
    }

    /**
     * @param  list<LoopBand>  $bands
     * @return list<Rung>
     */
    private function onEveryBar(array $bands, Body $body): array
    {
        $rungs = [];
        foreach ($this->kit->bars as $bar) {
            foreach (Attach::cases() as $attach) {
                $rung = self::banded($bar, $attach, $bands, $body);
                if ($rung instanceof Rung) {
                    $rungs[] = $rung;
                }
            }
        }

        return $rungs;
    }

    /**
     * @param  list<Rung>  $rungs
     * @return list<Rung>
     */
    private static function sorted(array $rungs): array
    {
        usort($rungs, static fn (Rung $a, Rung $b): int => [$a->share(), $a->name] <=> [$b->share(), $b->name]);

        return $rungs;
    }

    /** @throws UnknownGear if the kit lacks it */
    private function bar(string $id): Bar
    {
        foreach ($this->kit->bars as $bar) {
            if ($bar->id === $id) {
                return $bar;
            }
        }
        throw UnknownGear::bar($id);
    }

    /** @throws UnknownGear if the kit lacks it */
    private function band(string $id): LoopBand
    {
        foreach ($this->kit->bands as $band) {
            if ($band->id === $id) {
                return $band;
            }
        }
        throw UnknownGear::band($id);
    }
}
