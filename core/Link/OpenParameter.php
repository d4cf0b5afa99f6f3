<?php

declare(strict_types=1);

namespace PaperKite\Link;

/** What a link by hand can say of the goods that it names. */
enum OpenParameter: string
{
    case To = 'to';
    case Coupon = 'coupon';
    case Back = 'back';
    case From = 'from';

    /** Only on the way: the cart in which the link's other goods are. */
    case Cart = 'cart';

    public const OF_LINK = [self::To, self::Coupon, self::Back, self::From];

    public const ON_THE_WAY = [...self::OF_LINK, self::Cart];

    public const LONGEST_COUPON = 40;

    /**
     * @return string the value, as it is
     *
     * @throws InvalidOpenLink
     */
    public function checked(string $value): string
    {
        return match ($this) {
            self::To => OpenDestination::tryFrom($value) === null ? throw InvalidOpenLink::destination($value) : $value,
            self::Coupon => mb_strlen($value) <= self::LONGEST_COUPON && preg_match('/\A[^\p{Cc}\p{Zl}\p{Zp}]+\z/u', $value) === 1 ? $value : throw InvalidOpenLink::coupon($value),
            self::Back => $value,
            self::From => preg_match('/\A[A-Za-z0-9_.-]{1,40}\z/', $value) === 1 ? $value : throw InvalidOpenLink::label($value),
            self::Cart => preg_match('/\A[0-9A-Za-z_-]{12}\z/', $value) === 1 ? $value : throw InvalidOpenLink::parameter($this->value),
        };
    }
}
