<x-shop.layout :shop="$shop" :title="$say->say('cart.title')">
<h1>{{ $say->say('cart.title') }}</h1>
@if ($cart === null || $cart->lines->isEmpty())
<p class="lead">{{ $say->say('cart.empty') }}</p>
<p><a class="button" href="/">{{ $say->say('cart.see_goods') }}</a></p>
@else
<form method="post" action="/cart" class="two-columns" novalidate data-live>
<section aria-label="{{ $say->say('cart.goods') }}">
<x-shop.lines :cart="$cart" :bill="$bill" :words="$shop->wording()" :zone="$shop->zone()" :quantities="$quantities" :errors="$errors" :notices="$notices" />
<button class="plain" name="update" value="1" data-update>{{ $say->say('cart.reckon') }}</button>
@if (count($suggestions) > 0)
<h2>{{ $say->say('product.goes_well') }}</h2>
<x-shop.goods :products="$suggestions" />
@endif
</section>
<section class="slip" aria-label="{{ $say->say('cart.bill') }}">
<x-shop.reckoned :reckoned="$bill" :words="$shop->wording()" :zone="$shop->zone()" />
@if ($shop->checkout_rules->couponPlace->isInCart())
<x-shop.coupon :bill="$bill" :cart="$cart" :typed="$couponTyped" :error="$couponError" />
@endif
<button class="button wide" name="to_checkout" value="1">{{ $say->say('cart.to_checkout') }}</button>
</section>
</form>
@endif
</x-shop.layout>
