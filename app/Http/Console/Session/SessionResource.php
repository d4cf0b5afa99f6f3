<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Session')]
final readonly class SessionResource
{
    public function __construct(
        #[OA\Property(description: 'Who is signed in; null where nobody is.')]
        public ?PersonResource $person,
    ) {}
}
