<?php

declare(strict_types=1);

namespace App\Http\Requests\Log;

use App\Actions\Floor\ClassGiven;
use App\Actions\Floor\ComingTold;
use App\Actions\Floor\LineSwitched;
use App\Actions\Floor\OrderTold;
use App\Actions\Kit\GearTold;
use App\Actions\Log\AccessoryDone;
use App\Actions\Log\SetDone;
use App\Actions\Log\SetTakenBack;
use App\Actions\Log\SignalTold;
use App\Actions\Screening\PainTold;
use App\Actions\Screening\PainUndone;
use App\Formats\JsonObject;
use App\Http\Requests\ReadInput;

/**
 * One command of a queue: whatever kind it is of.
 */
final readonly class ReadQueued
{
    private const KINDS = [
        'set' => SetDone::class, 'taken_back' => SetTakenBack::class, 'beside' => AccessoryDone::class, 'signal' => SignalTold::class, 'pain' => PainTold::class,
        'pain_undone' => PainUndone::class, 'switch' => LineSwitched::class, 'coming' => ComingTold::class, 'gear' => GearTold::class, 'class' => ClassGiven::class,
        'order' => OrderTold::class,
    ];

    public function __construct(private ReadInput $inputs)
    {
    }

    /** @return list<string> the keys that a command stands under */
    public static function kinds(): array
    {
        return array_keys(self::KINDS);
    }

    public function from(
        JsonObject $json,
    ): SetDone|SetTakenBack|AccessoryDone|SignalTold|PainTold|PainUndone|LineSwitched|ComingTold|GearTold|ClassGiven|OrderTold {
        $json->allowing('athlete_id', ...self::kinds());
        $told = array_values(array_filter(self::kinds(), $json->has(...)));
        if (count($told) !== 1) {
            throw $json->fault(
                'set',
                'A command says one thing: a set, one taken back, work beside it, what was told, pain, pain undone, an exercise switched, who comes, gear that is out, a class, or the order of one.',
            );
        }

        return $this->inputs->of(self::KINDS[$told[0]], $json->object($told[0]));
    }
}
