<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A name with brackets holds a list where a text is meant; every page of the shop bears it. */
final class BracketsTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->product($this->shop, ['sku' => 'honey']);
    }

    #[DataProvider('addresses')]
    public function test_an_address_with_brackets_is_answered(string $path): void
    {
        $placement = $this->placement($this->offer($this->product($this->shop), ['ask_label' => 'How many', 'ask_least' => 1, 'ask_most' => 3]));
        $status = $this->get("http://{$this->shop->host}".str_replace('{code}', $placement->code, $path))->getStatusCode();

        self::assertLessThan(500, $status);
    }

    /** @return iterable<array{string}> */
    public static function addresses(): iterable
    {
        yield from [['/?category[]=1&after[]=added'], ['/p/honey?quantity[]=2&k[]=x&rest[]=y'], ['/k/{code}?x[]=y'], ['/o/{code}?quantity[]=1'], ['/take/honey?to[]=pay&from[]=x'], ['/cart?coupon[]=x'], ['/checkout/abcdefghijkl?after[]=changed'], ['/account?email[]=x']];
    }

    /** @param  array<string, mixed>  $form */
    #[DataProvider('forms')]
    public function test_a_form_with_brackets_is_answered(string $path, array $form): void
    {
        $placement = $this->placement($this->offer($this->product($this->shop), ['ask_label' => 'How many', 'ask_least' => 1, 'ask_most' => 3]));
        $visitor = (string) $this->post("http://{$this->shop->host}/cart/add", ['sku' => 'honey'], ['Origin' => $this->shop->base()])->headers->getCookies()[0]->getValue();
        $answer = $this->withUnencryptedCookies(['kite_visitor' => $visitor])->post("http://{$this->shop->host}".str_replace('{code}', $placement->code, $path), $form, ['Origin' => $this->shop->base()]);

        self::assertLessThan(500, $answer->getStatusCode());
    }

    /** @return iterable<array{string, array<string, mixed>}> */
    public static function forms(): iterable
    {
        $list = ['x', ['y']];
        yield ['/cart/add', ['sku' => $list]];
        yield ['/cart/add', ['sku' => 'honey', 'quantity' => $list, 'to' => $list, 'k' => $list, 'rest' => $list, 'choice' => 'x']];
        yield ['/cart/add', ['sku' => 'honey', 'choice' => [$list]]];
        yield ['/o/{code}', ['quantity' => $list, 'choice' => $list]];
        yield ['/cart', ['quantity' => 'x', 'remove' => $list, 'coupon' => $list, 'update' => $list]];
        yield ['/cart', ['quantity' => [1 => $list]]];
        yield ['/account', ['email' => $list]];
    }
}
