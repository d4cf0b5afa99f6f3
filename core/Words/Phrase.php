<?php

declare(strict_types=1);

namespace PaperKite\Words;

/** What is said to shoppers, by key. The keys are kept with orders for good; what they mean in a language is in `Catalogue/`. */
enum Phrase: string
{
    /** Parts in a row; the first begins with a capital letter. */
    case Sentence = 'sentence';

    /** What a former release said, in the words in which it was kept. */
    case Kept = 'kept';

    case NothingIsSent = 'shipping.nothing';
    case CouponShipsFree = 'shipping.by_coupon';
    case GoodsShipFree = 'shipping.free_from';
    case EveryOrderShipsFree = 'shipping.every_free';
    case EveryOrderShipsFor = 'shipping.every_for';
    case TheseShipFree = 'shipping.these_free';
    case TheseShipFor = 'shipping.these_for';
    case OrdersFrom = 'shipping.orders_from';
    case OrdersUnder = 'shipping.orders_under';
    case OrdersBetween = 'shipping.orders_between';
    case ParcelsFrom = 'shipping.parcels_from';
    case ParcelsUnder = 'shipping.parcels_under';
    case ParcelsBetween = 'shipping.parcels_between';
    case ShippingIncluded = 'shipping.included';
    case FeesOfTheItems = 'shipping.items';
    case ShippingRule = 'shipping.rule';
    case RuleInsteadOfFree = 'shipping.instead_of_free';
    case RuleInsteadOfTable = 'shipping.instead_of_table';
    case FreeShippingMissed = 'shipping.free_missed';
    case RuleInsteadOfItems = 'shipping.instead_of_items';
    case DoesNotShipTo = 'shipping.not_there';
    case TooMuchAtOnce = 'shipping.too_much';

    case Grams = 'measure.grams';
    case OnePiece = 'measure.piece';
    case Pieces = 'measure.pieces';

    case CouponTakesPercent = 'coupon.percent';
    case CouponTakesPercentOfItsGoods = 'coupon.percent_of_goods';
    case CouponTakesAmount = 'coupon.amount';
    case CouponTakesAmountOfItsGoods = 'coupon.amount_of_goods';
    case CouponShipsTheOrderFree = 'coupon.ships_free';
    case CouponCountsForNothing = 'coupon.nothing';
    case CouponDoesNotCountYet = 'coupon.not_yet';
    case CouponHasRunOut = 'coupon.over';
    case CouponCountsFrom = 'coupon.too_little';
    case ShareOfCoupon = 'coupon.share';

    case TaxContained = 'tax.contained';
    case TaxContainedShipping = 'tax.contained_shipping';
    case TaxOnTop = 'tax.on_top';
    case TaxOnTopShipping = 'tax.on_top_shipping';
    case RateContained = 'tax.rate_contained';
    case RateOnTop = 'tax.rate_on_top';

    case GiftCardsPay = 'payment.gift_cards';
    case PaidInInstalments = 'payment.instalments';
    case FollowsOn = 'payment.follows';
    case NextPayments = 'payment.next';

    case PaymentsSimulated = 'payment.simulated';
    case NoPaymentsYet = 'payment.none_yet';
    case PaymentAuthorised = 'order.authorised';
    case PaymentArrived = 'order.paid';
    case PartGivenBack = 'order.partly_refunded';
    case AllGivenBack = 'order.refunded';
    case NothingTaken = 'order.voided';
    case OrderCancelled = 'order.cancelled';

    case OnSale = 'price.sale';
    case ChoiceSetsPrice = 'price.choice';
    case ChoicesAdd = 'price.choices_add';

    case PricePerWeek = 'plan.week';
    case PricePerWeeks = 'plan.weeks';
    case PricePerMonth = 'plan.month';
    case PricePerMonths = 'plan.months';
    case PricePerQuarter = 'plan.quarter';
    case PricePerQuarters = 'plan.quarters';
    case PricePerYear = 'plan.year';
    case PricePerYears = 'plan.years';
    case FreeForADay = 'plan.trial_day';
    case FreeForDays = 'plan.trial_days';
    case SignUp = 'plan.sign_up';

    case ComesInVariants = 'line.variant';
    case SoldByPlanAlone = 'line.plan';
    case AmountTooSmall = 'line.amount_small';
    case AmountTooLarge = 'line.amount_large';
    case AmountNotOffered = 'line.amount_not_offered';
    case DepositReachesPrice = 'line.deposit';
}
