<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use Attribute;
use OpenApi\Attributes as OA;

/** The description of an answer that is one resource. */
#[Attribute(Attribute::TARGET_METHOD | Attribute::IS_REPEATABLE)]
final class Answer extends OA\Response
{
    /** @param  class-string  $resource */
    public function __construct(string $resource, int $status = 200, string $description = 'Done.')
    {
        parent::__construct(response: $status, description: $description, content: new OA\JsonContent(ref: $resource));
    }
}
