<?php

declare(strict_types=1);

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** The API document as JSON Schema: what may be null says so in its type, and what is not documented is not there. */
function apiDocument(): stdClass
{
    static $document;

    return $document ??= asJsonSchema(json_decode(
        (string) file_get_contents(dirname(__DIR__, 3).'/docs/formats/openapi.json'),
        flags: JSON_THROW_ON_ERROR,
    ));
}

function asJsonSchema(mixed $of): mixed
{
    if (is_array($of)) {
        return array_map(asJsonSchema(...), $of);
    }
    if (! $of instanceof stdClass) {
        return $of;
    }
    $schema = (object) array_map(asJsonSchema(...), get_object_vars($of));
    if (isset($schema->type, $schema->properties) && is_string($schema->type)) {
        $schema->additionalProperties ??= false;
    }
    if (($schema->nullable ?? null) !== true) {
        return $schema;
    }
    unset($schema->nullable);
    if (isset($schema->oneOf)) {
        return (object) ['anyOf' => [...$schema->oneOf, (object) ['type' => 'null']]];
    }
    $schema->type = [$schema->type, 'null'];
    if (isset($schema->enum)) {
        $schema->enum[] = null;
    }

    return $schema;
}

/** What is wrong with an answer by a schema of the document; none where it keeps to it. */
function offDocument(string $answer, stdClass $schema): string
{
    $whole = (object) ['components' => apiDocument()->components, ...get_object_vars($schema)];
    $error = (new Validator)->setMaxErrors(3)->validate(json_decode($answer), $whole)->error();

    return $error === null ? '' : json_encode((new ErrorFormatter)->format($error), JSON_THROW_ON_ERROR);
}

/** What an answer to a documented request is to be made of; null where it has no body. */
function documentedAnswer(string $method, string $path, int $status): ?stdClass
{
    $operation = apiDocument()->paths->{$path}->{strtolower($method)} ?? throw new LogicException("$method $path is not in the document.");
    $answer = $operation->responses->{(string) $status} ?? throw new LogicException("$method $path is not said to answer $status.");

    return $answer->content->{'application/json'}->schema ?? null;
}

/**
 * An answer keeps to the document.
 *
 * @param  TestResponse<Symfony\Component\HttpFoundation\Response>  $response
 */
function expectDocumented(TestResponse $response, string $method, string $path): void
{
    $schema = documentedAnswer($method, $path, $response->getStatusCode());
    $answer = (string) $response->getContent();
    if ($schema === null) {
        expect($answer)->toBe('', "$method $path answers a body that is not documented.");
    } else {
        expect(offDocument($answer, $schema))->toBe('', "$method $path");
    }
}
