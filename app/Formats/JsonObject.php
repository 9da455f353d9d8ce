<?php

declare(strict_types=1);

namespace App\Formats;

use SteadyRung\CoreError;

/**
 * Reads a JSON object strictly: known keys, exact types, finite numbers, clean text; every refusal names its pointer.
 */
final readonly class JsonObject
{
    private const DEPTH = 24;

    private const CLOCKS_DIFFER = '+10 minutes';

    /** Direction overrides, zero-width marks and the like, which nobody types and nobody sees; joiners inside words stay. */
    private const UNSEEN = '/[\x{00AD}\x{061C}\x{180E}\x{200B}\x{200E}\x{200F}\x{2028}-\x{202E}\x{2060}-\x{206F}\x{FEFF}\x{FFF9}-\x{FFFB}]|^[\x{200C}\x{200D}]+|[\x{200C}\x{200D}]+$/u';

    private function __construct(private \stdClass $values, private string $pointer)
    {
    }

    /** @throws Unreadable if it is not a JSON object */
    public static function parse(string $json): self
    {
        try {
            $value = json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw Unreadable::syntax(sprintf('This is not readable JSON: %s.', lcfirst($e->getMessage())));
        }
        if (! $value instanceof \stdClass) {
            throw Unreadable::syntax('The request must be a JSON object.');
        }
        $twice = DuplicateKeys::firstIn($json);
        if ($twice !== null) {
            throw Unreadable::syntax("The key $twice stands twice in one object.");
        }

        return new self($value, '');
    }

    /**
     * The query of an address, where every value is text; those of the named keys become numbers if they are.
     *
     * @param  array<mixed>  $query
     */
    public static function ofQuery(array $query, string ...$numbers): self
    {
        foreach (array_intersect($numbers, array_keys($query)) as $key) {
            if (is_string($query[$key]) && preg_match('/^-?\d{1,9}(\.\d{1,15})?$/', $query[$key]) === 1) {
                $query[$key] = (float) $query[$key];
            }
        }

        return new self((object) $query, '');
    }

    /** @throws Unreadable if there are keys beside these */
    public function allowing(string ...$keys): self
    {
        $faults = [];
        foreach (array_keys(get_object_vars($this->values)) as $key) {
            if (! in_array((string) $key, $keys, true)) {
                $faults[] = FieldError::at($this->at((string) $key), 'This key is not known here.');
            }
        }

        return $faults === [] ? $this : throw new Unreadable(array_slice($faults, 0, 20));
    }

    /**
     * Runs a core factory on what was read here and gives its refusals this object's pointer.
     *
     * @template T
     *
     * @param  \Closure(self): T  $factory
     * @return T
     *
     * @throws Unreadable if the core refuses
     */
    public function build(\Closure $factory): mixed
    {
        try {
            return $factory($this);
        } catch (CoreError $error) {
            throw Unreadable::fromCore($error, $this->pointer);
        }
    }

    /**
     * The same for one value of this object: the refusal's pointer is the value's own.
     *
     * @template T
     *
     * @param  \Closure(): T  $factory
     * @return T
     *
     * @throws Unreadable if the core refuses
     */
    public function buildAt(string $path, \Closure $factory): mixed
    {
        try {
            return $factory();
        } catch (CoreError $error) {
            throw Unreadable::fromCore($error, $this->pointer)->movedTo("$this->pointer/$path");
        }
    }

    /** A refusal of the value under a key, for rules over several keys. */
    public function fault(string $key, string $detail): Unreadable
    {
        return Unreadable::at($this->at($key), $detail, $this->raw($key));
    }

    public function has(string $key): bool
    {
        return $this->raw($key) !== null;
    }

    public function number(string $key): float
    {
        return $this->optionalNumber($key) ?? throw $this->missing($key, 'a number');
    }

    public function optionalNumber(string $key): ?float
    {
        $value = $this->raw($key);

        return $value === null ? null : self::finite($value, $this->at($key));
    }

    public function integer(string $key): int
    {
        return $this->optionalInteger($key) ?? throw $this->missing($key, 'a whole number');
    }

    public function optionalInteger(string $key): ?int
    {
        $number = $this->optionalNumber($key);
        if ($number === null) {
            return null;
        }

        return floor($number) === $number && abs($number) < 1e9
            ? (int) $number
            : throw Unreadable::at($this->at($key), 'This must be a whole number.', $number);
    }

    public function boolean(string $key): bool
    {
        $value = $this->raw($key);

        return is_bool($value) ? $value : throw $this->missing($key, 'true or false');
    }

    /** Text of 1 to so many characters after trimming, without control characters. */
    public function text(string $key, int $most): string
    {
        return $this->optionalText($key, $most) ?? throw $this->missing($key, 'text');
    }

    public function optionalText(string $key, int $most): ?string
    {
        $value = $this->raw($key);
        if ($value === null) {
            return null;
        }
        if (! is_string($value)) {
            throw Unreadable::at($this->at($key), 'This must be text.', $value);
        }
        if (! mb_check_encoding($value, 'UTF-8')) {
            throw Unreadable::at($this->at($key), 'This is not valid UTF-8.');
        }
        if (preg_match('/[\x00-\x08\x0B-\x1F\x7F]/', $value) === 1) {
            throw Unreadable::at($this->at($key), 'This holds control characters.');
        }
        $text = trim((string) preg_replace(self::UNSEEN, '', $value));
        if (mb_strlen($text) > $most) {
            throw Unreadable::at($this->at($key), "This may be $most characters long at the most.", $text);
        }

        return $text === '' ? null : $text;
    }

    /** A name: one line with something to be seen in it, its spaces single. */
    public function name(string $key, int $most): string
    {
        $text = (string) preg_replace(
            '/[\s\x{00A0}\x{2000}-\x{200A}\x{3000}\x{3164}\x{115F}\x{1160}\x{FFA0}\x{2800}]+/u',
            ' ',
            $this->text($key, $most),
        );

        return preg_match('/[\p{L}\p{N}\p{P}\p{S}]/u', $text) === 1 ? trim($text) : throw $this->missing($key, 'text that can be seen');
    }

    /** An e-mail address in small letters. */
    public function email(string $key): string
    {
        $email = mb_strtolower($this->text($key, 200));

        return filter_var($email, FILTER_VALIDATE_EMAIL) === false ? throw $this->fault($key, 'This is not an e-mail address.') : $email;
    }

    /** Text taken as it is, spaces and all, and never repeated in a refusal. */
    public function secret(string $key, int $most): string
    {
        $value = $this->raw($key);

        return is_string($value) && $value !== '' && mb_check_encoding($value, 'UTF-8') && mb_strlen($value) <= $most
            ? $value
            : throw $this->withheld($key, "This must be given: text of at most $most characters.");
    }

    /**
     * All its keys with their short texts.
     *
     * @return array<string, string>
     */
    public function strings(int $longest): array
    {
        $strings = [];
        foreach (array_keys(get_object_vars($this->values)) as $key) {
            $strings[(string) $key] = $this->text((string) $key, $longest);
        }

        return $strings;
    }

    /** The same for the same keys and values in the same order. */
    public function fingerprint(): string
    {
        return (string) json_encode($this->values);
    }

    /** A refusal that does not repeat the value. */
    public function withheld(string $key, string $detail): Unreadable
    {
        return Unreadable::at($this->at($key), $detail);
    }

    public function uuid(string $key): string
    {
        $text = strtolower($this->text($key, 36));
        $shape = '/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/';

        return preg_match($shape, $text) === 1 ? $text : throw Unreadable::at($this->at($key), 'This must be a UUID.', $text);
    }

    /** @return list<string> */
    public function uuids(string $key, int $most): array
    {
        $uuids = [];
        foreach ($this->items($key, $most) as $i => $item) {
            $uuids[] = (new self((object) [(string) $i => $item], $this->at($key)))->uuid((string) $i);
        }

        return $uuids;
    }

    public function optionalUuid(string $key): ?string
    {
        return $this->has($key) ? $this->uuid($key) : null;
    }

    /** A calendar day from the earliest, of the year 1900 or later, up to the latest. */
    public function date(string $key, string $latest, string $earliest = '2000-01-01'): string
    {
        $text = $this->text($key, 10);
        $is = preg_match('/^((?:19|20)\d\d)-(\d\d)-(\d\d)$/', $text, $m) === 1 && checkdate((int) $m[2], (int) $m[3], (int) $m[1])
            && $text >= $earliest;

        return match (true) {
            ! $is => throw Unreadable::at($this->at($key), 'This must be a date, as in 2026-01-31.', $text),
            $text > $latest => throw $this->fault($key, 'This day has not come yet.'),
            default => $text,
        };
    }

    /** A moment in RFC 3339 form, year 2000 to 2100. */
    public function moment(string $key): \DateTimeImmutable
    {
        $text = $this->text($key, 35);
        $is = preg_match(
            '/^(20\d\d)-(\d\d)-(\d\d)T([01]\d|2[0-3]):[0-5]\d:[0-5]\d(\.\d{1,6})?(Z|[+-](0\d|1[0-4]):[0-5]\d)$/',
            $text,
            $m,
        ) === 1
            && checkdate((int) $m[2], (int) $m[3], (int) $m[1]);
        $moment = $is ? date_create_immutable($text) : false;

        return $moment !== false
            ? $moment
            : throw Unreadable::at($this->at($key), 'This must be a date and time with its offset, as in 2026-01-31T18:30:00Z.', $text);
    }

    /** A moment that has come, by the clock of a device that may differ a little from ours. */
    public function momentPast(string $key, \DateTimeImmutable $now): \DateTimeImmutable
    {
        $moment = $this->moment($key);

        return $moment <= $now->modify(self::CLOCKS_DIFFER)
            ? $moment
            : throw $this->fault($key, 'This lies in the future. Check the clock of this device.');
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function choice(string $key, string $enum): \BackedEnum
    {
        return $this->optionalChoice($key, $enum) ?? throw $this->missing($key, 'one of '.self::names($enum));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T|null
     */
    public function optionalChoice(string $key, string $enum): ?\BackedEnum
    {
        $value = $this->raw($key);
        if ($value === null) {
            return null;
        }

        return (is_string($value) ? $enum::tryFrom($value) : null)
            ?? throw Unreadable::unknown($this->at($key), $value, self::allowed($enum));
    }

    public function object(string $key): self
    {
        return $this->optionalObject($key) ?? throw $this->missing($key, 'an object');
    }

    public function optionalObject(string $key): ?self
    {
        $value = $this->raw($key);

        return match (true) {
            $value === null => null,
            $value instanceof \stdClass => new self($value, $this->at($key)),
            default => throw Unreadable::at($this->at($key), 'This must be an object.', $value),
        };
    }

    /**
     * A list of objects; a missing one is empty.
     *
     * @return list<self>
     */
    public function objects(string $key, int $most): array
    {
        $objects = [];
        foreach ($this->items($key, $most) as $i => $item) {
            $objects[] = $item instanceof \stdClass
                ? new self($item, $this->at($key).'/'.$i)
                : throw Unreadable::at($this->at($key).'/'.$i, 'This must be an object.', $item);
        }

        return $objects;
    }

    /**
     * A list of short texts; a missing one is empty.
     *
     * @return list<string>
     */
    public function texts(string $key, int $most, int $longest = 64): array
    {
        $texts = [];
        foreach ($this->items($key, $most) as $i => $item) {
            $texts[] = (new self((object) [$key => $item], $this->pointer))->optionalText($key, $longest)
                ?? throw Unreadable::at($this->at($key).'/'.$i, 'This must be text.');
        }

        return $texts;
    }

    /**
     * A list of names, each at most once; a missing one is empty.
     *
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return list<T>
     */
    public function choices(string $key, string $enum): array
    {
        $choices = [];
        foreach ($this->items($key, count($enum::cases())) as $i => $item) {
            $choice = (is_string($item) ? $enum::tryFrom($item) : null)
                ?? throw Unreadable::unknown($this->at($key).'/'.$i, $item, self::allowed($enum));
            $choices[$choice->value] = $choice;
        }

        return array_values($choices);
    }

    /**
     * A list of numbers; a missing one is empty.
     *
     * @return list<float>
     */
    public function numbers(string $key, int $most): array
    {
        return $this->each($key, $most, self::finite(...));
    }

    /**
     * A list of numbers, some of them missing.
     *
     * @return list<float|null>
     */
    public function optionalNumbers(string $key, int $most): array
    {
        return $this->each(
            $key,
            $most,
            static fn (mixed $item, string $pointer): ?float => $item === null ? null : self::finite($item, $pointer),
        );
    }

    /**
     * @template T
     *
     * @param  \Closure(mixed, string): T  $read  of an item and its pointer
     * @return list<T>
     */
    private function each(string $key, int $most, \Closure $read): array
    {
        $all = [];
        foreach ($this->items($key, $most) as $i => $item) {
            $all[] = $read($item, $this->at($key).'/'.$i);
        }

        return $all;
    }

    /** @return list<mixed> */
    private function items(string $key, int $most): array
    {
        $value = $this->raw($key) ?? [];
        if (! is_array($value)) {
            throw Unreadable::at($this->at($key), 'This must be a list.', $value);
        }

        return count($value) <= $most
            ? array_values($value)
            : throw Unreadable::at($this->at($key), "This may hold $most entries at the most.", count($value));
    }

    private function raw(string $key): mixed
    {
        return $this->values->{$key} ?? null;
    }

    private static function finite(mixed $value, string $pointer): float
    {
        return (is_int($value) || is_float($value)) && is_finite((float) $value)
            ? (float) $value
            : throw Unreadable::at($pointer, 'This must be a finite number.', $value);
    }

    private function at(string $key): string
    {
        return $this->pointer.'/'.strtr(mb_strimwidth(mb_scrub($key), 0, 60, '…'), ['~' => '~0', '/' => '~1']);
    }

    private function missing(string $key, string $what): Unreadable
    {
        return Unreadable::at($this->at($key), "This must be given: $what.", $this->raw($key));
    }

    /** @param  class-string<\BackedEnum>  $enum */
    private static function names(string $enum): string
    {
        return implode(', ', self::allowed($enum));
    }

    /**
     * @param  class-string<\BackedEnum>  $enum
     * @return list<string>
     */
    private static function allowed(string $enum): array
    {
        return array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases());
    }
}
