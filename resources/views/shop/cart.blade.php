<x-shop.layout :shop="$shop" title="Your cart">
<h1>Your cart</h1>
@if ($cart === null || $cart->lines->isEmpty())
<p class="lead">Nothing is in it yet.</p>
<p><a class="button" href="/">See what there is</a></p>
@else
<form method="post" action="/cart" class="two-columns" novalidate>
<section aria-label="Goods">
<x-shop.lines :cart="$cart" :quantities="$quantities" :errors="$errors" />
<button class="plain" name="update" value="1" data-update>Work out the total</button>
</section>
<section class="slip" aria-label="The bill">
<x-shop.bill :receipt="$receipt" />
<button class="button wide" name="to_checkout" value="1">Go to the checkout</button>
</section>
</form>
@endif
</x-shop.layout>
