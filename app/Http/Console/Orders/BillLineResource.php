<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Amount;
use DateTimeZone;
use OpenApi\Attributes as OA;
use PaperKite\Quote\BillLine;
use PaperKite\Words\Wording;

#[OA\Schema(schema: 'BillLine')]
final readonly class BillLineResource
{
    /** @param  list<string>  $attendees */
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'The choices made; blank where there were none.')]
        public string $choices,
        #[OA\Property]
        public string $sku,
        #[OA\Property]
        public string $picture_path,
        #[OA\Property]
        public int $quantity,
        #[OA\Property(description: 'Of the quantity, pieces that were not on the shelf.')]
        public int $back_ordered,
        #[OA\Property]
        public Amount $unit,
        #[OA\Property]
        public Amount $subtotal,
        #[OA\Property(description: 'Why a piece costs what it costs; blank where nothing needs saying.')]
        public string $because,
        #[OA\Property(description: 'When and where it takes place; blank where it does not.')]
        public string $when,
        #[OA\Property(description: 'Who comes, a name for each seat; none where nobody was asked.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $attendees,
    ) {}

    /**
     * @param  string  $picture  the path of the picture; blank where none is shown
     * @param  list<string>  $attendees
     */
    public static function of(BillLine $line, string $picture, DateTimeZone $zone, array $attendees): self
    {
        return new self(
            name: $line->name,
            choices: $line->choices,
            sku: $line->sku,
            picture_path: $picture,
            quantity: $line->quantity,
            back_ordered: $line->backOrdered,
            unit: Amount::of($line->unit),
            subtotal: Amount::of($line->subtotal),
            because: $line->because?->in(Wording::english()) ?? '',
            when: $line->event?->shown($zone, Wording::english()) ?? '',
            attendees: $attendees,
        );
    }
}
