<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\Severity;
use PaperKite\Offer\Slot;

#[OA\Schema(schema: 'Finding')]
final readonly class FindingResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/Severity')]
        public Severity $severity,
        #[OA\Property(description: 'The slot it concerns; null where it concerns the shop.', oneOf: [new OA\Schema(ref: '#/components/schemas/Slot'), new OA\Schema(type: 'null')])]
        public ?Slot $slot,
        #[OA\Property]
        public string $sentence,
        #[OA\Property(description: 'Which of the offer’s goods the slot is about.')]
        public ?int $item,
        #[OA\Property(description: 'Where it is mended, if not in the sentence.', oneOf: [new OA\Schema(ref: '#/components/schemas/MendAt'), new OA\Schema(type: 'null')])]
        public ?MendAt $room,
        #[OA\Property(description: 'Which of what is mended there: the tax class.')]
        public ?string $what,
    ) {}

    public static function of(Finding $finding): self
    {
        return new self($finding->severity, $finding->slot, $finding->sentence, $finding->item, $finding->room, $finding->what);
    }
}
