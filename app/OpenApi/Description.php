<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Annotations\Property;
use OpenApi\Annotations\Schema;
use OpenApi\Generator;
use RuntimeException;

/** The description of the console's interface, gathered from the attributes. */
final class Description
{
    /** @return string JSON, OpenAPI 3.1 */
    public static function json(): string
    {
        $api = (new Generator)->setVersion('3.1.0')->generate([app_path('Http')]) ?? throw new RuntimeException('No attributes were found.');
        foreach ($api->components->schemas as $schema) {
            self::requireAll($schema);
        }

        return $api->toJson()."\n";
    }

    /** A resource always carries all of its properties; what has no value is null. */
    private static function requireAll(Schema $schema): void
    {
        if (! is_array($schema->properties) || $schema->required !== Generator::UNDEFINED) {
            return;
        }
        $schema->required = array_map(static fn (Property $property): string => $property->property, $schema->properties);
    }
}
