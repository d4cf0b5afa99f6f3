<?php

declare(strict_types=1);

namespace App\OpenLinks;

use OpenApi\Attributes as OA;
use PaperKite\Link\InvalidOpenLink;
use PaperKite\Link\OpenItem;
use PaperKite\Link\OpenLink;
use PaperKite\Money\InvalidAmount;
use PaperKite\Text\FormInput;

/** Choices from which a link by hand is built, as typed. */
#[OA\Schema(schema: 'OpenLinkEntry', description: 'Choices from which a link is built; what is blank is left out.')]
final readonly class OpenLinkForm
{
    /** @param  list<array{sku: string, quantity: string, amount: string}>  $items */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(required: ['sku', 'quantity', 'amount'], properties: [
            new OA\Property(property: 'sku', type: 'string'),
            new OA\Property(property: 'quantity', description: 'As typed.', type: 'string'),
            new OA\Property(property: 'amount', description: 'What is given, of a donation; blank: the shopper says how much.', type: 'string'),
        ], type: 'object'))]
        public array $items,
        #[OA\Property(description: 'A destination, or blank.')]
        public string $to,
        #[OA\Property]
        public string $coupon,
        #[OA\Property]
        public string $back,
        #[OA\Property]
        public string $from,
    ) {}

    public static function fromInput(FormInput $typed): self
    {
        return new self(
            array_map(static fn (FormInput $item): array => ['sku' => $item->text('sku'), 'quantity' => trim($item->text('quantity')), 'amount' => trim($item->text('amount'))], $typed->items('items')),
            $typed->text('to'),
            $typed->text('coupon'),
            $typed->text('back'),
            $typed->text('from'),
        );
    }

    /**
     * Written as a link would be, and read as one, so that what is built is what would be followed.
     *
     * @throws InvalidOpenLink
     */
    public function link(): OpenLink
    {
        $items = array_map(self::item(...), $this->items);
        $given = array_filter(['to' => $this->to, 'coupon' => $this->coupon, 'back' => $this->back, 'from' => $this->from], static fn (string $text): bool => $text !== '');

        return OpenLink::read(implode(',', array_map(rawurlencode(...), $items)), http_build_query($given));
    }

    /**
     * @param  array{sku: string, quantity: string, amount: string}  $item
     *
     * @throws InvalidOpenLink
     */
    private static function item(array $item): string
    {
        if ($item['amount'] !== '' && ! OpenItem::isAmount($item['amount'])) {
            throw InvalidOpenLink::amount($item['sku'], InvalidAmount::notANumber($item['amount'])->getMessage());
        }

        return ($item['quantity'] === '1' ? '' : "{$item['quantity']}*").$item['sku'].($item['amount'] === '' ? '' : "={$item['amount']}");
    }
}
