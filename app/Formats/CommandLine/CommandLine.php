<?php

declare(strict_types=1);

namespace App\Formats\CommandLine;

use App\Formats\JsonObject;
use App\Formats\Unreadable;

/**
 * One topic from the command line: a request on the input, its answer on the output, problems on the error stream.
 */
final readonly class CommandLine
{
    private const OK = 0;

    private const REFUSED = 2;

    /** A fault of the program, not of the request. */
    private const FAILED = 1;

    /** @var list<string> */
    private const LATER = ['timetable', 'trace'];

    /**
     * @param  resource  $in
     * @param  resource  $out
     * @param  resource  $errors
     * @param  \Closure(Topic, JsonObject): mixed  $answer
     */
    public function __construct(private mixed $in, private mixed $out, private mixed $errors, private \Closure $answer)
    {
    }

    /** @param  list<string>  $arguments */
    public function run(array $arguments): int
    {
        $lines = in_array('--lines', $arguments, true);
        $names = array_values(array_diff($arguments, ['--lines']));
        $topic = count($names) === 1 ? Topic::tryFrom($names[0]) : null;
        if ($topic === null) {
            return $this->refuse(Unreadable::at('', self::usage($names)));
        }

        return $lines ? $this->lines($topic) : $this->once($topic);
    }

    private function once(Topic $topic): int
    {
        try {
            $this->write($this->out, ($this->answer)($topic, JsonObject::parse((string) stream_get_contents($this->in))));

            return self::OK;
        } catch (Unreadable $problem) {
            return $this->refuse($problem);
        } catch (\Throwable $fault) {
            $this->write($this->errors, self::failure($fault));

            return self::FAILED;
        }
    }

    private function lines(Topic $topic): int
    {
        while (($line = fgets($this->in)) !== false) {
            try {
                $this->write($this->out, ($this->answer)($topic, JsonObject::parse($line)));
            } catch (Unreadable $problem) {
                $this->write($this->out, self::problem($problem));
            } catch (\Throwable $fault) {
                $this->write($this->out, self::failure($fault));
            }
        }

        return self::OK;
    }

    /** @return array<string, mixed> */
    private static function failure(\Throwable $fault): array
    {
        return [
            'type' => 'about:blank',
            'title' => 'The request could not be answered',
            'detail' => 'A fault of the program, not of the request: '.$fault->getMessage(),
            'errors' => [],
        ];
    }

    private function refuse(Unreadable $problem): int
    {
        $this->write($this->errors, self::problem($problem));

        return self::REFUSED;
    }

    /** @return array<string, mixed> */
    private static function problem(Unreadable $problem): array
    {
        return [
            'type' => 'about:blank',
            'title' => 'The request cannot be read',
            'detail' => $problem->getMessage(),
            'errors' => array_map(
                static fn (object $fault): array => array_filter((array) $fault, static fn (mixed $v): bool => $v !== null),
                $problem->faults,
            ),
        ];
    }

    /** @param  resource  $stream */
    private function write(mixed $stream, mixed $value): void
    {
        fwrite($stream, json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n");
    }

    /** @param  list<string>  $names */
    private static function usage(array $names): string
    {
        $topics = implode(', ', array_column(Topic::cases(), 'value'));

        return match (true) {
            $names === [] => "Name a topic: $topics.",
            in_array($names[0], self::LATER, true) => "The topic $names[0] is not there yet. There are: $topics.",
            default => sprintf('There is no topic "%s". There are: %s.', implode(' ', $names), $topics),
        };
    }
}
