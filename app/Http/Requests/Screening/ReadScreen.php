<?php

declare(strict_types=1);

namespace App\Http\Requests\Screening;

use App\Actions\Screening\ScreenTaken;
use App\Formats\Json\Safety\PainJson;
use App\Formats\JsonObject;
use SteadyRung\Safety\Adolescence;
use SteadyRung\Safety\Condition;
use SteadyRung\Safety\Limit;
use SteadyRung\Safety\Overhead;

final class ReadScreen
{
    private const KEYS = ['id', 'overhead', 'pain', 'numb', 'injured', 'conditions', 'cleared', 'under_18', 'uneasy', 'further', 'most_share', 'note'];

    private const LONGEST_NOTE = 500;

    public static function from(JsonObject $json): ScreenTaken
    {
        $json->allowing(...self::KEYS);
        $yes = static fn (string $key): bool => $json->has($key) && $json->boolean($key);
        $taken = new ScreenTaken(
            $json->uuid('id'),
            $json->choice('overhead', Overhead::class),
            $json->has('pain') ? PainJson::read($json->object('pain')) : null,
            $yes('numb'),
            $yes('injured'),
            $json->choices('conditions', Condition::class),
            $yes('cleared'),
            $json->optionalChoice('under_18', Adolescence::class) ?? Adolescence::No,
            $yes('uneasy'),
            $json->choices('further', Limit::class),
            $json->optionalNumber('most_share'),
            $json->optionalText('note', self::LONGEST_NOTE),
        );
        $json->build(static fn () => $taken->toCore());

        return $taken;
    }
}
