<x-shop.layout :shop="$shop" :title="$say->say('cart.title')">
<h1>{{ $say->say('cart.title') }}</h1>
@if ($view === null)
<form method="post" action="/cart"><x-shop.taken :names="$taken" /></form>
<p class="lead">{{ $say->say('cart.empty') }}</p>
<p><a class="button" href="/">{{ $say->say('cart.see_goods') }}</a></p>
@else
<form method="post" action="/cart" class="two-columns" novalidate data-live>
{{-- The first button of a form is the one that Enter presses. --}}
<button class="visually-hidden" name="update" value="1" tabindex="-1" aria-hidden="true">{{ $say->say('cart.reckon') }}</button>
<section aria-label="{{ $say->say('cart.goods') }}">
<x-shop.taken :names="$taken" />
<x-shop.joined :joined="$joined" />
<x-shop.lines :columns="$shop->shopfront->cartColumns" :rows="$view->rows" :quantities="$quantities" :errors="$errors" />
<button class="plain" name="update" value="1" data-update>{{ $say->say('cart.reckon') }}</button>
@if (count($suggestions) > 0)
<h2>{{ $say->say('product.goes_well') }}</h2>
<x-shop.goods :products="$suggestions" is-small />
@endif
</section>
<section class="slip" aria-label="{{ $say->say('cart.bill') }}">
<x-shop.reckoned :reckoned="$view->bill" :words="$shop->wording()" :zone="$shop->zone()" />
@if ($shop->checkout_rules->couponPlace->isInCart())
<x-shop.coupon :view="$view" :typed="$couponTyped" :error="$couponError" />
@endif
<button class="button wide" name="to_checkout" value="1">{{ $say->say('cart.to_checkout') }}</button>
</section>
</form>
@endif
</x-shop.layout>
