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
        $document = $generator->generate([Util::finder([app_path('Http'), app_path('Formats'), app_path('Problems')])]);
        file_put_contents($file, ($document ?? throw new \RuntimeException('OpenAPI: nothing found'))->toJson()."\n");
    }
}
