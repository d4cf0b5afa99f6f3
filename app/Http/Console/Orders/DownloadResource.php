<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Models\Download;
use App\Models\DownloadFile;
use App\Models\DownloadUse;
use OpenApi\Attributes as OA;
use PaperKite\Download\LinkState;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'Download', description: 'The link to the files of a line that was bought.')]
final readonly class DownloadResource
{
    /** @param  list<DownloadedFileResource>  $files */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(description: 'Of the goods.')]
        public string $name,
        #[OA\Property(ref: '#/components/schemas/LinkState')]
        public LinkState $state,
        #[OA\Property]
        public string $state_label,
        #[OA\Property(format: 'date-time')]
        public string $until,
        #[OA\Property(description: 'Downloads of each file.')]
        public int $most,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DownloadedFileResource::class))]
        public array $files,
    ) {}

    /** @param  Download  $download  with its line, and its files in their versions and with their uses */
    public static function of(Download $download, Moment $now): self
    {
        $state = $download->state($now);

        return new self(
            $download->id,
            trim("{$download->line->name} {$download->line->choices}"),
            $state,
            $state->label(),
            $download->until->toIso8601ZuluString(),
            $download->most,
            array_values($download->files->map(static fn (DownloadFile $file): DownloadedFileResource => new DownloadedFileResource(
                $file->current()->name,
                $file->current()->number,
                $file->used,
                array_values($file->uses->map(static fn (DownloadUse $use): string => $use->at->toIso8601ZuluString())->all()),
            ))->all()),
        );
    }
}
