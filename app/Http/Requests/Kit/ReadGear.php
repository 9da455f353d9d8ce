<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Actions\Kit\GearParticulars;
use App\Formats\Json\Kit\GearFiguresJson;
use App\Formats\JsonObject;
use App\Models\Kit\Gear;

final class ReadGear
{
    public static function from(JsonObject $json, string ...$besides): GearParticulars
    {
        $json->allowing('name', 'figures', ...$besides);
        $name = $json->name('name', 60);

        return new GearParticulars($name, GearFiguresJson::read($json->object('figures'), '', $name));
    }

    /** A piece stays what it is: sets were done on it. */
    public static function changing(Gear $gear, JsonObject $json): GearParticulars
    {
        $particulars = self::from($json);

        return $gear->kind === $particulars->kind()
            ? $particulars
            : throw $json->object('figures')->fault('kind', 'A piece of gear stays what it is. Retire this one and add another.');
    }
}
