<?php

declare(strict_types=1);

namespace App\Context\Methods;

use App\Formats\Json\Methods\MethodJson;
use App\Formats\JsonObject;
use App\Formats\Methods\Catalogue;
use App\Models\Methods\OwnMethod;
use SteadyRung\Method\Method;

/**
 * The methods of a gym: those that ship with the product, and its own.
 */
final class Methods
{
    /** @var array<string, Method> */
    private array $read = [];

    /** The usual one, where a key is not known any more. */
    public function of(string $key): Method
    {
        return $this->find($key) ?? Catalogue::method(Catalogue::USUAL);
    }

    public function find(string $key): ?Method
    {
        if (Catalogue::has($key)) {
            return Catalogue::method($key);
        }
        $own = OwnMethod::query()->where('key', $key)->first();

        return $own === null ? null : $this->read($own);
    }

    public function read(OwnMethod $own): Method
    {
        return $this->read["$own->id $own->body"] ??= MethodJson::read(JsonObject::parse($own->body));
    }

    /** @return list<OwnMethod> */
    public function own(): array
    {
        return array_values(OwnMethod::query()->orderBy('key')->limit(OwnMethod::MOST)->get()->all());
    }
}
