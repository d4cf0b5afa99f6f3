<?php

declare(strict_types=1);

namespace PaperKite\Link;

use League\Uri\UriTemplate\Template;

/**
 * A link that spells out what it sells, written by hand or in a sheet.
 *
 * @see https://www.rfc-editor.org/rfc/rfc6570 its template
 */
final readonly class OpenLink
{
    public const PATH = '/take/';

    public const TEMPLATE = '{+base}/take/{+items}{?to,coupon,back,from}';

    /** @param  non-empty-list<OpenItem>  $items */
    public function __construct(
        public array $items,
        /** `null`: as the shop has set. */
        public ?OpenDestination $to = null,
        public ?string $coupon = null,
        /** Where the shopper returns; whether that is allowed, the shop's hosts say. */
        public ?string $back = null,
        /** By which clicks are counted. */
        public ?string $from = null,
    ) {}

    /**
     * @param  string  $path  what follows PATH in the address, as it came in: it is decoded once, then split
     * @param  string  $query  the query, as it came in
     *
     * @throws InvalidOpenLink at the first part that can't be read
     */
    public static function read(string $path, string $query): self
    {
        $read = OpenLinkText::read(rawurldecode($path), $query, OpenParameter::OF_LINK);

        return new self(
            $read->items === [] ? throw InvalidOpenLink::noItems() : $read->items,
            $read->destination(),
            $read->value(OpenParameter::Coupon),
            $read->value(OpenParameter::Back),
            $read->value(OpenParameter::From),
        );
    }

    public function url(string $base): string
    {
        $text = OpenLinkText::of($this->items, ['to' => $this->to?->value, 'coupon' => $this->coupon, 'back' => $this->back, 'from' => $this->from]);

        return $base.self::PATH.Template::new('{+items}')->expand(['items' => $text->items()]).$text->query();
    }

    /**
     * The link taken apart; the values joined give the link again.
     *
     * @return list<AnatomyPart>
     */
    public function anatomy(string $base): array
    {
        $encoded = static fn (string $template, string $name, string $value): string => Template::new($template)->expand([$name => $value]);
        $parts = [
            new AnatomyPart('host', $base, 'The shop’s own address.'),
            new AnatomyPart('path', self::PATH, 'Goods follow, with commas between.'),
        ];
        foreach ($this->items as $i => $item) {
            $parts[] = new AnatomyPart('item', ($i === 0 ? '' : ',').$encoded('{+items}', 'items', $item->text()), $this->itemMeaning($item));
        }
        $mark = '?';
        foreach ($this->given() as $name => [$value, $meaning]) {
            $parts[] = new AnatomyPart($name, $mark.substr($encoded('{?'.$name.'}', $name, $value), 1), $meaning);
            $mark = '&';
        }

        return $parts;
    }

    /** @return array<string, array{string, string}> value and meaning of each parameter that is given */
    private function given(): array
    {
        return array_filter([
            'to' => $this->to === null ? null : [$this->to->value, $this->to->meaning()],
            'coupon' => $this->coupon === null ? null : [$this->coupon, 'This coupon is used, where it counts.'],
            'back' => $this->back === null ? null : [$this->back, 'The shopper returns there.'],
            'from' => $this->from === null ? null : [$this->from, 'A label: clicks are counted by it.'],
        ]);
    }

    private function itemMeaning(OpenItem $item): string
    {
        $count = $item->quantity === 1 ? 'One' : (string) $item->quantity;

        return "{$count} of “{$item->sku}”".($item->plan === null ? '' : ", by plan “{$item->plan}”").($item->amount === null ? '' : ", giving {$item->amount}").'.';
    }
}
