<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\Docs\WriteApiDocument;
use Illuminate\Console\Command;

final class WriteOpenApi extends Command
{
    protected $signature = 'steady:openapi {file}';

    protected $description = 'Write the OpenAPI document';

    public function handle(WriteApiDocument $document): void
    {
        $file = $this->argument('file');
        $document->to(is_string($file) ? $file : throw new \InvalidArgumentException('Name a file.'));
    }
}
