<?php

declare(strict_types=1);

namespace App\Http\Console\History;

use App\Models\FormVersion;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'FormVersion')]
final readonly class FormVersionResource
{
    /** @param  list<FieldChangeResource>  $changes */
    private function __construct(
        #[OA\Property]
        public int $version,
        #[OA\Property(format: 'date-time')]
        public string $at,
        #[OA\Property(description: 'Who made it so; null: nobody knows.')]
        public ?string $person,
        #[OA\Property(description: 'Against the version before; none: it is the first that was kept.', type: 'array', items: new OA\Items(ref: FieldChangeResource::class))]
        public array $changes,
        #[OA\Property(description: 'The form, as it would have been sent.', type: 'object', additionalProperties: new OA\AdditionalProperties)]
        public object $form,
    ) {}

    /** @param  list<FieldChangeResource>  $changes */
    public static function of(FormVersion $version, array $changes): self
    {
        return new self($version->version, $version->at->toIso8601ZuluString(), $version->person?->name, $changes, (object) $version->form);
    }
}
