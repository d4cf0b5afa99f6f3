<?php

declare(strict_types=1);

namespace PaperKite\Words\Catalogue;

use PaperKite\Words\Phrase;

/** English, complete. A name in braces is an argument. */
final class English
{
    public const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

    public const SHORT_MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

    public const TEXTS = [
        ...EnglishPages::TEXTS,
        ...EnglishBuying::TEXTS,
        ...EnglishMails::TEXTS,
        ...EnglishRefusals::TEXTS,

        Phrase::Kept->value => '{text}',

        Phrase::NothingIsSent->value => 'Nothing of this is sent today',
        Phrase::CouponShipsFree->value => 'The coupon ships the order free',
        Phrase::GoodsShipFree->value => 'Goods from {amount} ship free',
        Phrase::EveryOrderShipsFree->value => 'Every order ships free',
        Phrase::EveryOrderShipsFor->value => 'Every order ships for {fee}, however much is in it',
        Phrase::TheseShipFree->value => '{these} ship free',
        Phrase::TheseShipFor->value => '{these} ship for {fee}',
        Phrase::OrdersFrom->value => 'Orders of {from} or more',
        Phrase::OrdersUnder->value => 'Orders under {until}',
        Phrase::OrdersBetween->value => 'Orders of {from} to under {until}',
        Phrase::ParcelsFrom->value => 'Parcels of {from} or more',
        Phrase::ParcelsUnder->value => 'Parcels under {until}',
        Phrase::ParcelsBetween->value => 'Parcels of {from} to under {until}',
        Phrase::ShippingIncluded->value => 'Shipping is included in the prices',
        Phrase::FeesOfTheItems->value => 'The shipping fees of the items, added up',
        Phrase::ShippingRule->value => '{rule}.',
        Phrase::RuleInsteadOfFree->value => '{rule}; it would have shipped free without it.',
        Phrase::RuleInsteadOfTable->value => '{rule}; the fees by the size of the order do not count.',
        Phrase::FreeShippingMissed->value => '{rule} Free from {from}; after your coupon the goods come to {goods}.',
        Phrase::RuleInsteadOfItems->value => '{rule}; the fee on the item does not count.',
        Phrase::DoesNotShipTo->value => 'This shop does not ship to {country}; choose another country.',
        Phrase::TooMuchAtOnce->value => 'At most {limit} can be sent there at once; take less, or order in two parts.',

        Phrase::Grams->value => '{count} g',
        Phrase::OnePiece->value => '1 piece',
        Phrase::Pieces->value => '{count} pieces',

        Phrase::CouponTakesPercent->value => 'Coupon “{code}” takes {percent} % off.',
        Phrase::CouponTakesPercentOfItsGoods->value => 'Coupon “{code}” takes {percent} % off of the goods it is for.',
        Phrase::CouponTakesAmount->value => 'Coupon “{code}” takes {amount} off.',
        Phrase::CouponTakesAmountOfItsGoods->value => 'Coupon “{code}” takes {amount} off of the goods it is for.',
        Phrase::CouponShipsTheOrderFree->value => 'Coupon “{code}” ships the order free.',
        Phrase::CouponCountsForNothing->value => 'Coupon “{code}” counts for nothing in this cart.',
        Phrase::CouponDoesNotCountYet->value => 'Coupon “{code}” does not count yet.',
        Phrase::CouponHasRunOut->value => 'Coupon “{code}” has run out.',
        Phrase::CouponCountsFrom->value => 'Coupon “{code}” counts from {amount} of the goods it is for; add a little more.',
        Phrase::ShareOfCoupon->value => 'This line’s share of what coupon “{code}” takes off.',

        Phrase::TaxContained->value => 'The prices contain this tax.',
        Phrase::TaxContainedShipping->value => 'The prices contain this tax, {amount} of it on shipping.',
        Phrase::TaxOnTop->value => 'Tax comes on top of the prices.',
        Phrase::TaxOnTopShipping->value => 'Tax comes on top of the prices, {amount} of it on shipping.',
        Phrase::RateContained->value => '{rate} % is contained in the price.',
        Phrase::RateOnTop->value => '{rate} % comes on top of the price.',

        Phrase::GiftCardsPay->value => 'Gift cards pay {amount} of what is due now.',
        Phrase::PaidInInstalments->value => '{amount} of the total is paid later, in instalments.',
        Phrase::FollowsOn->value => '{amount} follows on {day}.',
        Phrase::NextPayments->value => 'The next {count} payments, from {day} on, come to {amount}.',

        Phrase::PaymentsSimulated->value => 'Payments are simulated here: no money moves, and nothing is sent.',
        Phrase::NoPaymentsYet->value => 'This shop can’t take payments yet.',
        Phrase::PaymentAuthorised->value => 'The payment is authorised.',
        Phrase::PaymentArrived->value => 'The payment has arrived.',
        Phrase::PartGivenBack->value => 'Of what was paid, {amount} was given back.',
        Phrase::AllGivenBack->value => 'All that was paid was given back.',
        Phrase::NothingTaken->value => 'Nothing was taken.',
        Phrase::OrderCancelled->value => 'This order was cancelled.',

        Phrase::OnSale->value => 'on sale for {sale} instead of {regular}',
        Phrase::ChoiceSetsPrice->value => 'the choice sets the price to {price}',
        Phrase::ChoicesAdd->value => 'the choices add {amount}',

        Phrase::PricePerWeek->value => '{price} every week',
        Phrase::PricePerWeeks->value => '{price} every {every} weeks',
        Phrase::PricePerMonth->value => '{price} every month',
        Phrase::PricePerMonths->value => '{price} every {every} months',
        Phrase::PricePerQuarter->value => '{price} every quarter',
        Phrase::PricePerQuarters->value => '{price} every {every} quarters',
        Phrase::PricePerYear->value => '{price} every year',
        Phrase::PricePerYears->value => '{price} every {every} years',
        Phrase::FreeForADay->value => 'free for a day, then {price}',
        Phrase::FreeForDays->value => 'free for {days} days, then {price}',
        Phrase::SignUp->value => '{plan}, and {amount} once to begin',

        Phrase::ComesInVariants->value => '“{product}” comes in variants; choose one of them.',
        Phrase::SoldByPlanAlone->value => '“{product}” is sold by plan alone; choose one of its plans.',
        Phrase::AmountTooSmall->value => '{amount} is less than the least amount, which is {least}; enter more.',
        Phrase::AmountTooLarge->value => '{amount} is more than the largest amount, which is {most}; enter less.',
        Phrase::AmountNotOffered->value => '{amount} is not among the amounts to choose from: {amounts}.',
        Phrase::DepositReachesPrice->value => 'The deposit of {deposit} reaches the price of {price}, so nothing is left to pay in instalments; pay it at once.',
    ];
}
