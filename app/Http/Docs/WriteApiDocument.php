<?php

declare(strict_types=1);

namespace App\Http\Docs;

use OpenApi\Generator;
use OpenApi\Processors\CleanUnmerged;
use OpenApi\Util;
use Psr\Log\AbstractLogger;
use Psr\Log\LogLevel;

/**
 * Writes the OpenAPI document from the attributes; a warning of the generator is a failure.
 */
final class WriteApiDocument
{
    public function to(string $file): void
    {
        $logger = new class extends AbstractLogger
        {
            public function log($level, string|\Stringable $message, array $context = []): void
            {
                if ($level !== LogLevel::DEBUG) {
                    throw new \RuntimeException("OpenAPI: $message");
                }
            }
        };
        $generator = new Generator($logger);
        $generator->setVersion('3.0.0');
        $generator->addProcessor(new DescribeFromTypes, CleanUnmerged::class);
        $document = $generator->generate([Util::finder(array_map(app_path(...), ['Http', 'Formats', 'Problems', 'Responses', 'Actions']))]);
        $json = ($document ?? throw new \RuntimeException('OpenAPI: nothing found'))->toJson();
        file_put_contents($file, self::namedByThing(self::inOrder($json))."\n");
    }

    /** Paths and schemas stand by name, so that moving a class moves nothing in the document. */
    private static function inOrder(string $json): string
    {
        $document = json_decode($json, flags: JSON_THROW_ON_ERROR);
        foreach ([&$document->paths, &$document->components->schemas] as &$part) {
            $named = (array) $part;
            ksort($named);
            $part = (object) $named;
        }

        return json_encode($document, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }

    /** A schema is called after the thing, not after the class that writes it: RungJson is Rung, AthleteResponse is Athlete. */
    private static function namedByThing(string $json): string
    {
        return (string) preg_replace(
            ['~(#/components/schemas/\w+)(?:Json|Response)"~', '~^(            "\w+)(?:Json|Response)": \{~m'],
            ['$1"', '$1": {'],
            $json,
        );
    }
}
