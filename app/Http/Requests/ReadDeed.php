<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Deeds\BesideSet;
use App\Actions\Deeds\ClassGiven;
use App\Actions\Deeds\ComingTold;
use App\Actions\Deeds\GearTold;
use App\Actions\Deeds\LineSwitched;
use App\Actions\Deeds\PainTold;
use App\Actions\Deeds\PainUndone;
use App\Actions\Deeds\SetDone;
use App\Actions\Deeds\SetTakenBack;
use App\Actions\Deeds\SignalTold;
use App\Formats\JsonObject;
use App\Models\GymDay;
use Psr\Clock\ClockInterface;

/**
 * One deed of a queue: whatever kind it is of.
 */
final readonly class ReadDeed
{
    public const KINDS = ['set', 'taken_back', 'beside', 'signal', 'pain', 'pain_undone', 'switch', 'coming', 'gear', 'class'];

    public function __construct(private ClockInterface $clock, private GymDay $days)
    {
    }

    public function from(JsonObject $json): SetDone|SetTakenBack|BesideSet|SignalTold|PainTold|PainUndone|LineSwitched|ComingTold|GearTold|ClassGiven
    {
        $json->allowing('athlete_id', ...self::KINDS);
        $told = array_values(array_filter(self::KINDS, $json->has(...)));
        if (count($told) !== 1) {
            throw $json->fault('set', 'A deed says one thing: a set, one taken back, work beside it, what was told, pain, pain undone, an exercise switched, who comes, gear that is out, or a class.');
        }
        $of = $json->object($told[0]);

        return match ($told[0]) {
            'set' => ReadSet::from($of, $this->clock->now()),
            'taken_back' => ReadTakenBack::from($of),
            'beside' => ReadBeside::from($of, $this->clock->now()),
            'signal' => ReadSignal::from($of, $this->days->today()),
            'pain' => ReadPainReport::from($of),
            'pain_undone' => ReadPainUndone::from($of),
            'switch' => ReadLineSwitched::from($of),
            'coming' => ReadComing::from($of),
            'gear' => ReadGearOut::from($of, $this->clock->now()),
            'class' => ReadClass::from($of),
        };
    }
}
