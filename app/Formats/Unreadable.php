<?php

declare(strict_types=1);

namespace App\Formats;

use SteadyRung\CoreError;
use SteadyRung\Exercise\NotDoable;
use SteadyRung\Kit\Band\BadCalibration;
use SteadyRung\Kit\GearClash;
use SteadyRung\Kit\UnknownGear;
use SteadyRung\Method\House\UnknownPosition;
use SteadyRung\OutOfRange;
use SteadyRung\Violation;

/**
 * A request that cannot be read, with every fault found.
 */
final class Unreadable extends \RuntimeException
{
    /** @param  non-empty-list<FieldError>  $faults */
    public function __construct(public readonly array $faults, public readonly bool $isSyntax = false)
    {
        parent::__construct(implode(' ', array_map(static fn (FieldError $f): string => trim("$f->pointer $f->detail"), $faults)));
    }

    public static function at(string $pointer, string $detail, mixed $value = null): self
    {
        return new self([FieldError::at($pointer, $detail, $value)]);
    }

    /**
     * A name that is not known, with those that are.
     *
     * @param  list<string>  $allowed
     */
    public static function unknown(string $pointer, mixed $value, array $allowed): self
    {
        return new self([FieldError::at($pointer, 'This must be one of '.implode(', ', $allowed).'.', $value, $allowed)]);
    }

    public static function syntax(string $detail): self
    {
        return new self([FieldError::at('', $detail)], isSyntax: true);
    }

    /** The same faults, all at one pointer. */
    public function movedTo(string $pointer): self
    {
        return new self(array_map(
            static fn (FieldError $f): FieldError => new FieldError(
                pointer: $pointer,
                detail: $f->detail,
                value: $f->value,
                low: $f->low,
                high: $f->high,
                unit: $f->unit,
                allowed: $f->allowed,
            ),
            $this->faults,
        ));
    }

    /** The core's refusal of values read below a pointer; the core names its quantities as JSON does. */
    public static function fromCore(CoreError $error, string $pointer): self
    {
        return match (true) {
            $error instanceof OutOfRange => new self(array_map(
                static fn (Violation $v): FieldError => self::violation($v, $pointer),
                $error->violations,
            )),
            $error instanceof BadCalibration => self::at("$pointer/points/$error->pointIndex", $error->getMessage(), $error->point->forceN),
            $error instanceof GearClash => self::at("$pointer/$error->quantity", $error->getMessage(), $error->value),
            $error instanceof NotDoable => new self([FieldError::at(
                "$pointer/$error->field",
                $error->getMessage(),
                allowed: $error->allowed,
            )]),
            $error instanceof UnknownGear => self::at("$pointer/$error->field", $error->getMessage(), $error->gearId),
            $error instanceof UnknownPosition => new self([FieldError::at(
                "$pointer/$error->field",
                $error->getMessage(),
                allowed: $error->allowed,
            )]),
            default => self::at($pointer, $error->getMessage()),
        };
    }

    private static function violation(Violation $violation, string $pointer): FieldError
    {
        $shown = FieldError::at("$pointer/$violation->quantity", $violation->sentence(), $violation->value);

        return new FieldError(
            $shown->pointer,
            $shown->detail,
            $shown->value,
            $violation->low,
            $violation->high,
            $violation->unit() ?: null,
        );
    }
}
