<?php

declare(strict_types=1);

return [
    // Whether webhooks may lead to machines around this one: yes for a gym of its own, no where strangers share the installation.
    'private' => filter_var(env('WEBHOOKS_PRIVATE', 'yes'), FILTER_VALIDATE_BOOL),
];
