<?php

declare(strict_types=1);

namespace Tests\Core\Checkout;

use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Quantity;
use PaperKite\Checkout\CartDigest;
use PaperKite\Checkout\CheckoutField;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Checkout\Demand;
use PaperKite\Checkout\DetailsEntry;
use PaperKite\Checkout\Needs;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Payment\PaymentTerms;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

final class CheckoutTest extends TestCase
{
    private const TYPED = ['email' => 'ada@letters.example', 'name' => 'Ada Nwosu-Reed', 'street' => '12 Chandler Court', 'postcode' => '', 'town' => 'Tarnmouth', 'country' => 'GB'];

    public function test_sound_details_are_read(): void
    {
        $entry = new DetailsEntry(self::TYPED, new CheckoutRules, Needs::parcel());

        self::assertSame([], $entry->errors);
        self::assertSame(['Ada Nwosu-Reed', ''], [$entry->details?->name, $entry->details?->postcode]);
    }

    #[DataProvider('wrong')]
    public function test_a_wrong_field_is_told_at_the_field(string $field, string $typed, string $sentence): void
    {
        $entry = new DetailsEntry([$field => $typed] + self::TYPED, new CheckoutRules, Needs::parcel());

        self::assertSame([$field], array_keys($entry->errors));
        self::assertStringContainsString($sentence, $entry->errors[$field]);
        self::assertNull($entry->details);
    }

    /** @return iterable<array{string, string, string}> */
    public static function wrong(): iterable
    {
        yield ['email', '', 'missing'];
        yield ['email', 'ada', 'name@host.example'];
        yield ['email', "ada@letters.example\r\nBcc: x@y.example", 'control character'];
        yield ['name', ' ', 'missing'];
        yield ['name', str_repeat('x', 121), 'shorten it to 120'];
        yield ['street', "a\0", 'control character'];
        yield ['postcode', str_repeat('1', 17), 'shorten it to 16'];
        yield ['town', '', 'missing'];
        yield ['country', 'XX', 'Pick the country'];
        yield ['country', '', 'missing'];
    }

    public function test_nobody_is_asked_for_a_postcode_where_there_is_none(): void
    {
        $rules = new CheckoutRules(['postcode' => Demand::Required]);
        self::assertSame(['postcode'], array_keys((new DetailsEntry(self::TYPED, $rules, Needs::parcel()))->errors));

        $entry = new DetailsEntry(['country' => 'HK', 'postcode' => 'as typed before'] + self::TYPED, $rules, Needs::parcel());
        self::assertSame([[], ''], [$entry->errors, $entry->details?->postcode]);
        self::assertSame([Demand::Off, Demand::Required], [$rules->demandOf(CheckoutField::Postcode, Needs::parcel(), 'AE'), $rules->demandOf(CheckoutField::Postcode, Needs::parcel(), 'DE')]);
    }

    public function test_every_wrong_field_is_told_at_once(): void
    {
        self::assertSame(
            ['email', 'name', 'street', 'town', 'country'],
            array_keys((new DetailsEntry(array_fill_keys(array_keys(self::TYPED), ''), new CheckoutRules, Needs::parcel()))->errors),
        );
    }

    public function test_the_seller_says_what_is_asked_but_not_away_what_a_parcel_needs(): void
    {
        $rules = new CheckoutRules(['phone' => Demand::Required, 'comment' => Demand::Optional, 'town' => Demand::Off, 'postcode' => Demand::Off]);
        $entry = new DetailsEntry(['comment' => "Ring twice.\r\nThe dog is kind."] + self::TYPED, $rules, Needs::parcel());

        self::assertSame([Demand::Required, Demand::Optional], [$rules->demand(CheckoutField::Town), $rules->demand(CheckoutField::Postcode)]);
        self::assertSame(['phone'], array_keys($entry->errors));
        self::assertSame("Ring twice.\nThe dog is kind.", (new DetailsEntry(['phone' => '+353 1 5550 100', 'comment' => "Ring twice.\r\nThe dog is kind."] + self::TYPED, $rules, Needs::parcel()))->details?->comment);
        self::assertSame('', (new DetailsEntry(['comment' => 'Not asked.'] + self::TYPED, new CheckoutRules, Needs::parcel()))->details?->comment);
    }

    public function test_the_digest_changes_with_all_that_is_paid_for(): void
    {
        $digest = static fn (int $cents, int $quantity, int $fee, string $name = 'Honey'): string => CartDigest::of(
            Samples::quote([new Pick(Samples::product($cents, name: $name), Quantity::of($quantity))], Samples::rules($fee)),
        );
        $digests = [$digest(980, 1, 390), $digest(981, 1, 390), $digest(980, 2, 390), $digest(980, 1, 0), $digest(980, 1, 390, 'Wax')];

        self::assertSame($digest(980, 1, 390), $digests[0]);
        self::assertCount(5, array_unique($digests));
    }

    #[DataProvider('differences')]
    public function test_an_event_must_agree_with_the_payment_that_was_opened(PaymentTerms $said, int $differences): void
    {
        self::assertCount($differences, $said->differencesFrom(new PaymentTerms('pm-1', Samples::euros(1370), 'mosslight', 'digest')));
    }

    /** @return iterable<string, array{PaymentTerms, int}> */
    public static function differences(): iterable
    {
        yield 'the same' => [new PaymentTerms('pm-1', Samples::euros(1370), 'mosslight', 'digest'), 0];
        yield 'another payment' => [new PaymentTerms('pm-2', Samples::euros(1370), 'mosslight', 'digest'), 1];
        yield 'another amount' => [new PaymentTerms('pm-1', Samples::euros(1), 'mosslight', 'digest'), 1];
        yield 'another currency' => [new PaymentTerms('pm-1', Money::ofMinor(1370, Currency::of('USD')), 'mosslight', 'digest'), 1];
        yield 'another payee' => [new PaymentTerms('pm-1', Samples::euros(1370), 'somebody', 'digest'), 1];
        yield 'another cart' => [new PaymentTerms('pm-1', Samples::euros(1370), 'mosslight', 'x'), 1];
        yield 'nothing agrees' => [new PaymentTerms('pm-2', Samples::euros(1), 'somebody', 'x'), 4];
    }
}
