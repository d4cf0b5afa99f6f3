<?php

declare(strict_types=1);

namespace App\Http\Shopper\Shopfront;

use App\Carts\CartCountry;
use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use App\Shopfront\ChoiceView;
use App\Shopfront\DescribeGoods;
use App\Shopfront\GoodsButton;
use App\Shopfront\PriceTag;
use App\Shopfront\Questions;
use App\Shopfront\ShippingNote;
use App\Shopfront\StockWords;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Link\OpenDestination;
use PaperKite\Link\RestOfLink;
use PaperKite\Offer\Onwards;
use PaperKite\Shopfront\Surface;
use PaperKite\Time\Moment;

/** A product's page: at first, and with what was wrong with the shopper's entry. */
final readonly class ProductPage
{
    public function __construct(
        private ReadCaller $caller,
        private Clock $clock,
    ) {}

    public function shown(Request $request, Shop $shop, Product $product, ?Variant $chosen, string $quantity, string $code): Response
    {
        return $this->page($request, $shop, $product, $chosen?->choices, $quantity, $code, [], 200);
    }

    /**
     * @param  list<string>  $choices
     * @param  array{quantity?: string, choices?: string, amount?: string, back?: string}  $errors
     */
    public function corrected(Request $request, Shop $shop, Product $product, array $choices, string $quantity, string $code, array $errors): Response
    {
        return $this->page($request, $shop, $product, $choices, $quantity, $code, $errors, 422);
    }

    /**
     * @param  list<string>|null  $choices  `null`: as the seller prefers
     * @param  array{quantity?: string, choices?: string, amount?: string, back?: string}  $errors
     */
    private function page(Request $request, Shop $shop, Product $product, ?array $choices, string $quantity, string $code, array $errors, int $status): Response
    {
        $product->load(['variants.picture', 'pictures', 'sample', 'addresses.marketplace.partner', 'addOns' => fn (Relation $addOns) => $addOns->where('is_draft', false)->with('variants')]);
        $at = $this->clock->moment();
        $questions = Questions::ofProduct($product, $at, $shop);
        $variants = $questions->which->variants ?? [];
        $rest = RestOfLink::read(Input::text($request, 'rest'));
        $surface = $request->boolean('glance') ? Surface::Glance : Surface::Product;

        return response()->view($surface === Surface::Glance ? 'shop.glance' : 'shop.product', [
            ...self::typed($request),
            ...self::told($product, $shop, $at),
            'shop' => $shop,
            'country' => ($this->caller)($request)->country,
            'surface' => $surface,
            'product' => $product,
            'at' => $at,
            'buttons' => $this->buttons($shop, $product, $surface, $rest),
            'questions' => $questions,
            'variants' => $variants,
            'chosen' => $choices ??= $questions->which->preselected ?? [],
            'now' => $this->variantOf($variants, $choices),
            'quantity' => $quantity,
            'shipping' => ShippingNote::of($shop, $product, CartCountry::of($shop, null, ($this->caller)($request)), $at),
            'code' => $code,
            'rest' => $rest?->text() ?? '',
            'seen' => $request->isMethod('get') ? self::seen($product, $code, $rest) : '',
            'errors' => $errors,
            'isAsked' => $request->query('after') === 'asked',
        ], $status);
    }

    /** @return array<string, mixed> what is said of it, whatever is chosen */
    private static function told(Product $product, Shop $shop, Moment $at): array
    {
        return [
            'tag' => PriceTag::of($product, $at),
            'stock' => $product->has_variants ? '' : StockWords::of($product->stockOnHand(), $shop->wording(), $product->isOver(null)),
            'when' => $product->event(null)?->shown($shop->zone(), $shop->wording()) ?? '',
            'page' => DescribeGoods::page($product, $shop, $at),
            'data' => DescribeGoods::data($product, $shop, $at),
        ];
    }

    /** @return array{picked: string|null, ownAmount: string, email: string} */
    private static function typed(Request $request): array
    {
        return [
            'picked' => $request->isMethod('post') ? Input::text($request, 'amount') : null,
            'ownAmount' => Input::text($request, 'own_amount'),
            'email' => Input::text($request, 'email'),
        ];
    }

    /** @return string the address by which it is counted that somebody looks at the page */
    private static function seen(Product $product, string $code, ?RestOfLink $rest): string
    {
        $query = http_build_query(array_filter(['k' => $code, 'rest' => $rest?->text() ?? '']));

        return '/p/'.rawurlencode($product->sku).'/seen'.($query === '' ? '' : "?{$query}");
    }

    /**
     * Where an open link has led here, there is nothing to decide but the choice.
     *
     * @return list<GoodsButton>
     */
    private function buttons(Shop $shop, Product $product, Surface $surface, ?RestOfLink $rest): array
    {
        return $rest === null || $rest->to === OpenDestination::Choose
            ? GoodsButton::listOf($shop, $product, $surface)
            : [GoodsButton::of($shop, $product, $surface, $rest->isAlone() ? Onwards::Pay : Onwards::Cart)];
    }

    /**
     * @param  list<ChoiceView>  $variants
     * @param  list<string>  $choices
     */
    private function variantOf(array $variants, array $choices): ?ChoiceView
    {
        foreach ($variants as $variant) {
            if ($variant->choices === $choices) {
                return $variant;
            }
        }

        return null;
    }
}
