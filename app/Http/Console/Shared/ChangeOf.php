<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use Attribute;
use OpenApi\Attributes as OA;

/** The description of a form that is sent to change what is there, with the version that it began with. */
#[Attribute(Attribute::TARGET_METHOD)]
final class ChangeOf extends OA\RequestBody
{
    /** @param  string  $form  the name of its schema */
    public function __construct(string $form)
    {
        parent::__construct(content: new OA\JsonContent(allOf: [new OA\Schema(ref: "#/components/schemas/{$form}"), new OA\Schema(ref: '#/components/schemas/Seen')]));
    }
}
