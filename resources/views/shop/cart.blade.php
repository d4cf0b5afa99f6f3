<x-shop.layout :shop="$shop" title="Your cart">
<h1>Your cart</h1>
@if ($cart === null || $cart->lines->isEmpty())
<p class="lead">Nothing is in it yet.</p>
<p><a class="button" href="/">See what there is</a></p>
@else
<form method="post" action="/cart" class="two-columns" novalidate data-live>
<section aria-label="Goods">
<x-shop.lines :cart="$cart" :bill="$bill" :words="$shop->wording()" :zone="$shop->zone()" :quantities="$quantities" :errors="$errors" :notices="$notices" />
<button class="plain" name="update" value="1" data-update>Work out the total</button>
@if (count($suggestions) > 0)
<h2>Goes well with it</h2>
<x-shop.goods :products="$suggestions" />
@endif
</section>
<section class="slip" aria-label="The bill">
<x-shop.reckoned :reckoned="$bill" :words="$shop->wording()" :zone="$shop->zone()" />
@if ($shop->checkout_rules->couponPlace->isInCart())
<x-shop.coupon :bill="$bill" :cart="$cart" :typed="$couponTyped" :error="$couponError" />
@endif
<button class="button wide" name="to_checkout" value="1">Go to the checkout</button>
</section>
</form>
@endif
</x-shop.layout>
