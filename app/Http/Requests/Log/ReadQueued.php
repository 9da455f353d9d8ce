<?php

declare(strict_types=1);

namespace App\Http\Requests\Log;

use App\Actions\Floor\ClassGiven;
use App\Actions\Floor\ComingTold;
use App\Actions\Floor\LineSwitched;
use App\Actions\Kit\GearTold;
use App\Actions\Log\AccessoryDone;
use App\Actions\Log\SetDone;
use App\Actions\Log\SetTakenBack;
use App\Actions\Log\SignalTold;
use App\Actions\Screening\PainTold;
use App\Actions\Screening\PainUndone;
use App\Context\Gym\GymDay;
use App\Formats\JsonObject;
use App\Http\Requests\Floor\ReadClass;
use App\Http\Requests\Floor\ReadComing;
use App\Http\Requests\Floor\ReadLineSwitched;
use App\Http\Requests\Kit\ReadGearOut;
use App\Http\Requests\Screening\ReadPainReport;
use App\Http\Requests\Screening\ReadPainUndone;
use Psr\Clock\ClockInterface;

/**
 * One deed of a queue: whatever kind it is of.
 */
final readonly class ReadQueued
{
    public const KINDS = ['set', 'taken_back', 'beside', 'signal', 'pain', 'pain_undone', 'switch', 'coming', 'gear', 'class'];

    public function __construct(private ClockInterface $clock, private GymDay $days)
    {
    }

    public function from(JsonObject $json): SetDone|SetTakenBack|AccessoryDone|SignalTold|PainTold|PainUndone|LineSwitched|ComingTold|GearTold|ClassGiven
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
            'beside' => ReadAccessory::from($of, $this->clock->now()),
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
