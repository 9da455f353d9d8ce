<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Context\Gym\GymDay;
use App\Formats\Inputs\Birthday;
use App\Formats\Inputs\Checked;
use App\Formats\Inputs\CountedBy;
use App\Formats\Inputs\OneLine;
use App\Formats\Inputs\UntilToday;
use App\Formats\Json\Safety\PainJson;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use App\Formats\Unreadable;
use OpenApi\Attributes as OA;
use Psr\Clock\ClockInterface;
use SteadyRung\Exercise\Exercise;
use SteadyRung\OutOfRange;
use SteadyRung\Safety\Pain;

/**
 * Builds an input from a JSON object: its keys are the parameters of the constructor, each read by its type and by what its
 * property tells the API's document (format, lengths, bounds, items). One that is not given has its default.
 */
final readonly class ReadInput
{
    private const LATEST = '2099-12-31';

    public function __construct(private ClockInterface $clock, private GymDay $days)
    {
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $input
     * @return T
     *
     * @throws Unreadable if a key is not known, missing, of another type or out of its bounds, or if they do not go together
     */
    public function of(string $input, JsonObject $json): object
    {
        $parameters = (new \ReflectionMethod($input, '__construct'))->getParameters();
        $json->allowing(...array_map(static fn (\ReflectionParameter $p): string => $p->name, $parameters));
        $values = array_map(fn (\ReflectionParameter $p): mixed => $this->given($p, $json), $parameters);

        return $json->build(static function () use ($input, $values, $parameters, $json): object {
            OutOfRange::guard(self::bounds($parameters, $values));
            $built = new $input(...$values);
            if ($built instanceof Checked) {
                $built->check($json);
            }

            return $built;
        });
    }

    private function given(\ReflectionParameter $parameter, JsonObject $json): mixed
    {
        return match (true) {
            $json->has($parameter->name) => $this->value($parameter, $json),
            $parameter->isDefaultValueAvailable() => $parameter->getDefaultValue(),
            $parameter->allowsNull() => null,
            default => $this->value($parameter, $json),
        };
    }

    private function value(\ReflectionParameter $parameter, JsonObject $json): mixed
    {
        $key = $parameter->name;
        $type = $parameter->getType() instanceof \ReflectionNamedType ? $parameter->getType()->getName() : '';

        return match (true) {
            $type === 'bool' => $json->boolean($key),
            $type === 'int' => $json->integer($key),
            $type === 'float' => $json->number($key),
            $type === 'string' => $this->string($parameter, $json),
            $type === 'array' => $this->list($parameter, $json),
            $type === \DateTimeImmutable::class => $json->momentPast($key, $this->clock->now()),
            $type === Exercise::class => ExerciseJson::read($json->object($key)),
            $type === Pain::class => PainJson::read($json->object($key)),
            is_subclass_of($type, \BackedEnum::class) => $json->choice($key, $type),
            default => throw new \LogicException("An input of a type that is not read: $type."),
        };
    }

    private function string(\ReflectionParameter $parameter, JsonObject $json): ?string
    {
        $key = $parameter->name;
        $property = self::property($parameter);

        return match (true) {
            ($property['format'] ?? '') === 'uuid' => $json->uuid($key),
            ($property['format'] ?? '') === 'email' => $json->email($key),
            self::has($parameter, Birthday::class) => $json->date($key, $this->days->today(), Birthday::EARLIEST),
            ($property['format'] ?? '') === 'date' => $json->date(
                $key,
                self::has($parameter, UntilToday::class) ? $this->days->today() : self::LATEST,
            ),
            self::has($parameter, OneLine::class) => $json->name($key, self::most($property, 'maxLength')),
            $parameter->allowsNull() => $json->optionalText($key, self::most($property, 'maxLength')),
            default => $json->text($key, self::most($property, 'maxLength')),
        };
    }

    /** @return array<mixed> */
    private function list(\ReflectionParameter $parameter, JsonObject $json): array
    {
        $key = $parameter->name;
        $property = self::property($parameter);
        $counted = $parameter->getAttributes(CountedBy::class)[0] ?? null;
        $items = $property['items'] ?? null;

        return match (true) {
            $counted !== null => self::counts(
                $json->object($key),
                array_map(static fn (\BackedEnum $reason): string => (string) $reason->value, $counted->newInstance()->reasons::cases()),
            ),
            ! $items instanceof OA\Items => throw new \LogicException("A list of nobody knows what: $key."),
            is_string($items->ref) && class_exists($items->ref) => array_map(
                fn (JsonObject $item): object => $this->of($items->ref, $item),
                $json->objects($key, self::most($property, 'maxItems')),
            ),
            is_string($items->enum) && is_subclass_of($items->enum, \BackedEnum::class) => $json->choices($key, $items->enum),
            $items->type === 'number' => $json->numbers($key, self::most($property, 'maxItems')),
            default => $json->texts($key, self::most($property, 'maxItems'), (int) $items->maxLength),
        };
    }

    /**
     * @param  list<string>  $reasons
     * @return array<string, int>
     */
    private static function counts(JsonObject $json, array $reasons): array
    {
        $json->allowing(...$reasons);
        $counts = array_map($json->optionalInteger(...), array_combine($reasons, $reasons));

        return array_filter($counts, static fn (?int $count): bool => $count !== null);
    }

    /**
     * @param  list<\ReflectionParameter>  $parameters
     * @param  list<mixed>  $values
     * @return array<string, array{float|int, array{float, float}}>
     */
    private static function bounds(array $parameters, array $values): array
    {
        $bounds = [];
        foreach (array_filter($values, static fn (mixed $value): bool => is_int($value) || is_float($value)) as $i => $value) {
            $property = self::property($parameters[$i]);
            if (isset($property['minimum'], $property['maximum'])) {
                $bounds[$parameters[$i]->name] = [$value, [(float) $property['minimum'], (float) $property['maximum']]];
            }
        }

        return $bounds;
    }

    /**
     * What the document says of it.
     *
     * @return array<string, mixed>
     */
    private static function property(\ReflectionParameter $parameter): array
    {
        return ($parameter->getAttributes(OA\Property::class)[0] ?? null)?->getArguments() ?? [];
    }

    /** @param  class-string  $attribute */
    private static function has(\ReflectionParameter $parameter, string $attribute): bool
    {
        return $parameter->getAttributes($attribute) !== [];
    }

    /** @param  array<string, mixed>  $property */
    private static function most(array $property, string $key): int
    {
        return is_int($property[$key] ?? null) ? $property[$key] : throw new \LogicException("An input without its $key.");
    }
}
