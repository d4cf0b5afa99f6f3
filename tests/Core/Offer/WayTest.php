<?php

declare(strict_types=1);

namespace Tests\Core\Offer;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Catalogue\InvalidQuantity;
use PaperKite\Offer\Ask;
use PaperKite\Offer\InvalidAsk;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\SentenceDifference;
use PaperKite\Offer\Step;
use PaperKite\Offer\Steps;
use PaperKite\Offer\Stretch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The steps from a click to the payment, the question on the way, and the difference between two sentences. */
final class WayTest extends TestCase
{
    use TestTrait;

    /** @param  list<string>  $pages */
    #[DataProvider('ways')]
    public function test_a_way_is_as_long_as_what_is_left_to_say(Onwards $destination, Opening $opening, int $goods, bool $leavesSomethingOpen, array $pages, bool $addsAtOnce): void
    {
        $way = $goods === 0 ? Steps::throughCart($destination) : Steps::selling($destination, $opening, $goods, $leavesSomethingOpen);

        self::assertSame([$pages, $addsAtOnce], [array_map(static fn (Step $page): string => $page->value, $way->pages), $way->addsAtOnce]);
        self::assertSame($pages[0], $way->first()?->value);
    }

    /** @return iterable<string, array{Onwards, Opening, int, bool, list<string>, bool}> */
    public static function ways(): iterable
    {
        yield 'straight to paying' => [Onwards::Pay, Opening::SameTab, 1, false, ['checkout'], true];
        yield 'several, to paying' => [Onwards::Pay, Opening::NewTab, 3, false, ['checkout'], true];
        yield 'to paying, once it is said which' => [Onwards::Pay, Opening::SameTab, 1, true, ['offer', 'checkout'], false];
        yield 'by a page of its own' => [Onwards::Pay, Opening::OwnPage, 1, false, ['offer', 'checkout'], false];
        yield 'to the cart' => [Onwards::Cart, Opening::SameTab, 1, false, ['cart', 'checkout'], true];
        yield 'looking on' => [Onwards::Stay, Opening::SameTab, 2, false, ['cart', 'checkout'], true];
        yield 'to choose' => [Onwards::Choose, Opening::SameTab, 1, true, ['product', 'cart', 'checkout'], false];
        yield 'to choose from several' => [Onwards::Choose, Opening::SameTab, 2, false, ['offer', 'cart', 'checkout'], false];
        yield 'to choose, on a page of its own' => [Onwards::Choose, Opening::OwnPage, 1, false, ['offer', 'cart', 'checkout'], false];
        yield 'by a pop-over, or the page that stands for it' => [Onwards::Stay, Opening::PopOver, 1, false, ['offer', 'cart', 'checkout'], false];
        yield 'to choose, in a pop-over' => [Onwards::Choose, Opening::PopOver, 1, false, ['offer', 'cart', 'checkout'], false];
        yield 'to the mini cart, or the page that stands for it' => [Onwards::MiniCart, Opening::SameTab, 1, false, ['cart', 'checkout'], true];
        yield 'the cart as it is' => [Onwards::Cart, Opening::OwnPage, 0, false, ['cart', 'checkout'], false];
        yield 'the cart, to be paid' => [Onwards::Pay, Opening::SameTab, 0, false, ['checkout'], false];
    }

    public function test_a_way_is_told_in_a_sentence(): void
    {
        self::assertSame('One step to payment: click, checkout, payment.', Steps::selling(Onwards::Pay, Opening::SameTab, 1, false)->words());
        self::assertSame('3 steps to payment: click, page of the offer, cart, checkout, payment.', Steps::selling(Onwards::Cart, Opening::SameTab, 1, true)->words());
    }

    public function test_a_question_takes_what_is_within_its_limits(): void
    {
        $ask = Ask::fromEntry('', '2', '6');

        self::assertSame(['How many', 2, 6], [$ask->label, $ask->answer('2')->pieces, $ask->answer(' 6 ')->pieces]);
        foreach (['1', '7', '', 'x'] as $typed) {
            try {
                $ask->answer($typed);
                self::fail("“{$typed}” was taken.");
            } catch (InvalidQuantity $invalid) {
                self::assertStringContainsString('from 2 to 6', $invalid->getMessage());
            }
        }
        $this->expectException(InvalidAsk::class);
        Ask::fromEntry('Jars', '6', '2');
    }

    /** @param  list<array{string, bool, bool}>  $stretches */
    #[DataProvider('differences')]
    public function test_a_change_is_the_difference_of_two_sentences(string $earlier, string $later, array $stretches): void
    {
        self::assertSame($stretches, array_map(static fn (Stretch $stretch): array => [$stretch->text, $stretch->wasThere, $stretch->isThere], SentenceDifference::of($earlier, $later)));
    }

    /** @return iterable<array{string, string, list<array{string, bool, bool}>}> */
    public static function differences(): iterable
    {
        yield ['they get one jar', 'they get one jar', [['they get one jar', true, true]]];
        yield ['they get one jar now', 'they get two jars now', [['they get ', true, true], ['one jar ', true, false], ['two jars ', false, true], ['now', true, true]]];
        yield ['', 'a b', [['a b', false, true]]];
        yield ['a b', '', [['a b', true, false]]];
    }

    public function test_a_difference_holds_both_sentences(): void
    {
        $sentence = Generators::map(static fn (array $words): string => implode(' ', array_filter($words, is_string(...))), Generators::seq(Generators::elements('one', 'two', 'jar', 'of', 'honey')));
        $this->forAll($sentence, $sentence)->then(function (string $earlier, string $later): void {
            $difference = SentenceDifference::of($earlier, $later);
            $texts = static fn (callable $which): string => implode('', array_map(static fn (Stretch $stretch): string => $stretch->text, array_filter($difference, $which)));

            self::assertSame($earlier, $texts(static fn (Stretch $stretch): bool => $stretch->wasThere));
            self::assertSame($later, $texts(static fn (Stretch $stretch): bool => $stretch->isThere));
        });
    }
}
