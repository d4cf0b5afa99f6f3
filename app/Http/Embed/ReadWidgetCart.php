<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Carts\FindCart;
use App\Carts\WidgetToken;
use App\Http\Input;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Http\Request;

/** The cart that a page has the token of. */
final readonly class ReadWidgetCart
{
    public function __construct(
        private FindCart $carts,
        private Clock $clock,
    ) {}

    /** @return Cart|null `null` where there is none, or none any more, or the token is made up */
    public function cart(Request $request, Shop $shop): ?Cart
    {
        $token = $this->token($request);

        return $token === null ? null : $this->carts->shared($shop, $token->owner());
    }

    public function token(Request $request): ?WidgetToken
    {
        return WidgetToken::read(Input::text($request, 'token'));
    }

    public function told(Cart $cart, WidgetToken $token, ?string $go = null, ?ShownCartResource $shown = null): WidgetCartResource
    {
        $at = $this->clock->moment();
        $lines = $cart->refresh()->lines;

        return new WidgetCartResource(
            $token->text,
            array_sum($lines->map(static fn (CartLine $line): int => $line->quantity)->all()),
            array_values($lines->map(static fn (CartLine $line): WidgetCartLineResource => WidgetCartLineResource::of($line, $at))->all()),
            $go,
            $shown,
        );
    }
}
