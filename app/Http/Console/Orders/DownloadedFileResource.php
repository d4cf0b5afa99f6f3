<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'DownloadedFile')]
final readonly class DownloadedFileResource
{
    /** @param  list<string>  $at */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'That the shopper gets.')]
        public int $version,
        #[OA\Property(description: 'Downloads by the link as it is now.')]
        public int $used,
        #[OA\Property(description: 'When it was downloaded, the last first, by earlier links, too; ten at most.', type: 'array', items: new OA\Items(type: 'string', format: 'date-time'))]
        public array $at,
    ) {}
}
