<?php

declare(strict_types=1);

namespace PaperKite\Link;

/** One of the goods that an open link names: `[quantity*]SKU[@plan][=amount]`. */
final readonly class OpenItem
{
    public const LARGEST_QUANTITY = 999;

    private const NAME = '[^@=*,\/%?#\p{Z}\p{C}]{1,64}';

    private const AMOUNT = '\d{1,12}(?:\.\d{1,4})?';

    public function __construct(
        public string $sku,
        public int $quantity = 1,
        public ?string $plan = null,
        /** With a point and no grouping, as written; for a donation or gift card. */
        public ?string $amount = null,
    ) {}

    /**
     * @param  string  $text  decoded
     *
     * @throws InvalidOpenLink
     */
    public static function read(string $text): self
    {
        if (preg_match('/\A(?:(\d+)\*)?('.self::NAME.')(?:@('.self::NAME.'))?(?:=('.self::AMOUNT.'))?\z/u', $text, $parts, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw InvalidOpenLink::item($text);
        }
        $quantity = $parts[1] ?? '1';
        if (strlen($quantity) > 3 || (int) $quantity < 1) {
            throw InvalidOpenLink::quantity($text, self::LARGEST_QUANTITY);
        }

        return new self((string) $parts[2], (int) $quantity, $parts[3] ?? null, $parts[4] ?? null);
    }

    /** Whether a link can say that this is given: digits, with a point before the decimals. */
    public static function isAmount(string $text): bool
    {
        return preg_match('/\A'.self::AMOUNT.'\z/', $text) === 1;
    }

    public function text(): string
    {
        return ($this->quantity === 1 ? '' : "{$this->quantity}*").$this->sku.($this->plan === null ? '' : "@{$this->plan}").($this->amount === null ? '' : "={$this->amount}");
    }
}
