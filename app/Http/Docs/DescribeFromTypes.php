<?php

declare(strict_types=1);

namespace App\Http\Docs;

use App\Problems\ProblemJson;
use OpenApi\Analysis;
use OpenApi\Annotations as OA;
use OpenApi\Attributes\PathParameter;
use OpenApi\Attributes\Schema;
use OpenApi\Generator;

/**
 * Completes the document from what PHP's types already say: required and nullable properties, enums, path parameters
 * and the problem every operation may answer with.
 */
final class DescribeFromTypes
{
    public function __invoke(Analysis $analysis): void
    {
        /** @var list<OA\Schema> $schemas */
        $schemas = $analysis->getAnnotationsOfType(OA\Schema::class, true);
        foreach ($schemas as $schema) {
            $class = $schema->_context?->fullyQualifiedName($schema->_context->class) ?? '';
            if (class_exists($class) && Generator::isDefault($schema->required)) {
                $this->describe($schema, new \ReflectionClass($class));
            }
        }
        /** @var list<OA\Operation> $operations */
        $operations = $analysis->getAnnotationsOfType(OA\Operation::class);
        foreach ($operations as $operation) {
            $this->complete($operation);
        }
    }

    /** @param  \ReflectionClass<object>  $class */
    private function describe(OA\Schema $schema, \ReflectionClass $class): void
    {
        $required = [];
        foreach ($class->getConstructor()?->getParameters() ?? [] as $parameter) {
            if (! $parameter->isOptional()) {
                $required[] = $parameter->getName();
            }
            foreach (Generator::isDefault($schema->properties) ? [] : $schema->properties as $property) {
                if ($property->property === $parameter->getName()) {
                    $this->type($property, $parameter->getType());
                }
            }
        }
        if ($required !== []) {
            $schema->required = $required;
        }
    }

    private function type(OA\Property $property, ?\ReflectionType $type): void
    {
        $name = $type instanceof \ReflectionNamedType ? $type->getName() : '';
        if (is_subclass_of($name, \BackedEnum::class) && ! str_starts_with($name, 'App\\Problems')) {
            $property->ref = Generator::UNDEFINED;
            $property->type = 'string';
            $property->enum = array_column($name::cases(), 'value');
        }
        if ($type?->allowsNull() === true && $name !== '') {
            $property->nullable = true;
        }
    }

    private function complete(OA\Operation $operation): void
    {
        preg_match_all('/\{(\w+)\}/', $operation->path, $names);
        $parameters = Generator::isDefault($operation->parameters) ? [] : $operation->parameters;
        foreach ($names[1] as $name) {
            $parameters[] = new PathParameter(name: $name, required: true, schema: new Schema(type: 'string', format: 'uuid'));
        }
        if ($parameters !== []) {
            $operation->parameters = $parameters;
        }
        $operation->responses[] = new \OpenApi\Attributes\Response(
            response: 'default',
            description: 'A problem.',
            content: new \OpenApi\Attributes\MediaType(
                mediaType: 'application/problem+json',
                schema: new Schema(ref: '#/components/schemas/'.class_basename(ProblemJson::class)),
            ),
        );
    }
}
