<?php

declare(strict_types=1);

namespace App\Actions\Scripts;

use App\Formats\Inputs\Checked;
use App\Formats\JsonObject;
use App\Models\Scripts\HookEvent;
use OpenApi\Attributes as OA;

/**
 * An address is to be told of something.
 */
#[OA\Schema(schema: 'WebhookInput')]
final readonly class WebhookSet implements Checked
{
    /** @param  list<HookEvent>  $events */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'http or https, without a user or password in it.', maxLength: 500)]
        public string $address,
        #[OA\Property(items: new OA\Items(type: 'string', enum: HookEvent::class))]
        public array $events,
    ) {
    }

    public function check(JsonObject $json): void
    {
        $parts = parse_url($this->address);
        $isAddress = filter_var($this->address, FILTER_VALIDATE_URL) !== false && is_array($parts)
            && in_array(strtolower($parts['scheme'] ?? ''), ['http', 'https'], true) && ($parts['host'] ?? '') !== '';
        match (true) {
            ! $isAddress => throw $json->fault('address', 'Give a whole address, like https://example.org/steady-rung.'),
            isset($parts['user']) || isset($parts['pass']) => throw $json->fault(
                'address',
                'Leave the user and password out: the signature says who sends.',
            ),
            $this->events === [] => throw $json->fault('events', 'Choose at least one thing to be told of.'),
            default => null,
        };
    }
}
