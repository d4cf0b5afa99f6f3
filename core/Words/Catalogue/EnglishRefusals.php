<?php

declare(strict_types=1);

namespace PaperKite\Words\Catalogue;

use PaperKite\Link\InvalidOpenLink;
use PaperKite\Money\InvalidAmount;
use PaperKite\Text\InvalidAddress;
use PaperKite\Text\InvalidLine;

/** What shoppers are told of what they typed or followed and can't be taken. A name in braces is an argument. */
final class EnglishRefusals
{
    public const QUANTITY = [
        'refused.no_quantity' => 'The quantity is missing; enter a whole number from {min} to {max}.',
        'refused.quantity' => 'The quantity can\'t be “{typed}”; enter a whole number from {min} to {max}.',
    ];

    public const DETAIL = [
        'refused.country' => 'Pick the country from the list.',
        'refused.who_comes' => 'Say who comes.',
        'refused.who_comes_each' => 'Say who comes: a name for each seat.',
    ];

    public const TEXTS = [
        ...InvalidLine::SENTENCES,
        ...InvalidAddress::SENTENCES,
        ...InvalidAmount::SENTENCES,
        ...InvalidOpenLink::SENTENCES,
        ...self::QUANTITY,
        ...self::DETAIL,

        'refused.combination' => 'Choose one of each; this combination is not available.',
        'refused.date_passed' => 'This date has passed; choose another.',
        'refused.sold_out' => 'This is sold out at the moment; choose another.',
        'refused.too_few' => 'Only {count} of this are left; choose fewer, or another.',
        'refused.how_much' => 'Say how much you give.',
        'refused.coupon' => 'The coupon “{code}” is not valid.',
        'refused.gift_card' => 'This code opens no card with money on it; compare it with the card.',
        'refused.gift_day' => 'Choose a day from today on, within a year.',
        'refused.codes' => 'That is a lot of codes; wait ten minutes and try again.',

        'subject.email' => 'The e-mail address',
        'subject.name' => 'The name',
        'subject.company' => 'The company',
        'subject.street' => 'The street and number',
        'subject.postcode' => 'The postcode',
        'subject.town' => 'The town',
        'subject.country' => 'The country',
        'subject.phone' => 'The phone number',
        'subject.comment' => 'The comment',
    ];
}
