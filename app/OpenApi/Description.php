<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Annotations\OpenApi;
use OpenApi\Annotations\Operation;
use OpenApi\Annotations\PathItem;
use OpenApi\Annotations\Property;
use OpenApi\Annotations\Response;
use OpenApi\Annotations\Schema;
use OpenApi\Generator;
use OpenApi\Util;
use RuntimeException;

/** The descriptions of the interfaces of console and widgets, gathered from the attributes. */
final class Description
{
    /** @return string JSON, OpenAPI 3.1, of the console's */
    public static function json(): string
    {
        return self::of(Util::finder(app_path(), app_path('Http/Embed')));
    }

    /** @return string JSON, OpenAPI 3.1, of the widgets' */
    public static function ofWidgets(): string
    {
        return self::of(self::embed());
    }

    /** @return list<string> */
    private static function embed(): array
    {
        return [app_path('Embed'), app_path('Http/Embed')];
    }

    /** @param  iterable<mixed>  $sources */
    private static function of(iterable $sources): string
    {
        $api = (new Generator)->setVersion('3.1.0')->generate($sources) ?? throw new RuntimeException('No attributes were found.');
        foreach ($api->components->schemas as $schema) {
            self::requireAll($schema);
            self::sayNullOnce($schema);
        }
        self::describeOperations($api);
        // In an order of their own, so that a file that moves changes nothing here.
        usort($api->paths, static fn (PathItem $one, PathItem $other): int => $one->path <=> $other->path);
        usort($api->components->schemas, static fn (Schema $one, Schema $other): int => $one->schema <=> $other->schema);

        return $api->toJson()."\n";
    }

    /** A resource always carries all of its properties; what has no value is null. A form may leave out what says so (`optional`). */
    private static function requireAll(Schema $schema): void
    {
        if (! is_array($schema->properties) || $schema->required !== Generator::UNDEFINED) {
            return;
        }
        $required = [];
        foreach ($schema->properties as $property) {
            if ($property->x === Generator::UNDEFINED) {
                $required[] = $property->property;
            }
            self::unsay($property, 'x');
        }
        if ($required !== []) {
            $schema->required = $required;
        }
    }

    /** The generator adds the type in PHP to what is described already: its class, and that it may be null. */
    private static function sayNullOnce(Schema $schema): void
    {
        foreach (is_array($schema->properties) ? $schema->properties : [] as $property) {
            if (is_array($property->oneOf)) {
                self::unsay($property, 'type');
                self::unsay($property, 'nullable');
                self::unsay($property, 'ref');
            }
        }
    }

    private static function unsay(Property $property, string $what): void
    {
        $property->{$what} = Generator::UNDEFINED;
    }

    /** What is true of each of the console's: who may ask, and that whatever goes wrong is said in a sentence. */
    private static function describeOperations(OpenApi $api): void
    {
        if (! is_array($api->components->responses)) {
            return;
        }
        foreach ($api->paths as $path) {
            foreach (array_filter([$path->get, $path->post, $path->put, $path->delete], static fn (mixed $operation): bool => $operation instanceof Operation) as $operation) {
                if ($operation->security === Generator::UNDEFINED) {
                    $operation->security = [$operation->method === 'get' ? ['session' => []] : ['session' => [], 'token' => []]];
                }
                $operation->responses = [...self::responses($operation), new Response(['response' => '4XX', 'ref' => '#/components/responses/Failed'])];
            }
        }
    }

    /** @return list<Response> */
    private static function responses(Operation $operation): array
    {
        return is_array($operation->responses) ? array_values($operation->responses) : [];
    }
}
